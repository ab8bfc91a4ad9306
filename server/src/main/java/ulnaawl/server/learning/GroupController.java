package ulnaawl.server.learning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.ClassDays;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Progress;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassRequest;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.calendar.ClosedDays;
import ulnaawl.server.groups.GroupDraft;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.BringBack;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Today;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.server.wire.Reasons;
import ulnaawl.words.Speech;

/** Groups, what each has learned, and the record behind it. */
@RestController
@RequestMapping("/api/groups")
@RequiredArgsConstructor
class GroupController {

  private final GroupService groups;
  private final PeopleService people;
  private final RecordService record;
  private final Standings standings;
  private final ClosedDays closed;
  private final Reasons reasons;
  private final Speech speech;
  private final Today today;

  /** A group at a glance: how many dances it knows, learns, and should do again. */
  record GroupSummary(
      long id,
      String name,
      Level level,
      DayOfWeek weekday,
      LocalTime startsAt,
      int minutes,
      String place,
      int version,
      int known,
      int learning,
      int due) {}

  /**
   * An entry of the record.
   *
   * @param danceVersion the version of the dance at that time
   * @param shown sections by their numbers in that version; nothing for the whole dance
   */
  record RecordEntry(
      long id,
      int danceVersion,
      LocalDate date,
      Happened happened,
      @Nullable SectionSet shown,
      Outcome outcome,
      String note,
      PersonId by,
      EntryDetails more) {}

  /**
   * Where the group stands with one dance.
   *
   * @param shown sections by their numbers now
   * @param archived whether the dance is no longer in the list
   * @param comesBack the class on or after the day on which it is due
   * @param strength how well it is remembered today, in percent
   * @param trouble sections that went wrong when somebody last said how they went
   */
  record DanceStanding(
      long dance,
      String title,
      Level level,
      int counts,
      int allSections,
      boolean archived,
      Stage stage,
      SectionSet shown,
      @Nullable LocalDate last,
      @Nullable LocalDate due,
      boolean isDue,
      @Nullable LocalDate comesBack,
      int intervalDays,
      int strength,
      @Nullable CoverageView coverage,
      SectionSet trouble,
      @Nullable RulingView ruling,
      List<ReasonView> reasons,
      List<RecordEntry> entries) {}

  /** How many of those who come now were shown it. */
  record CoverageView(int there, int of) {}

  /** What a person says against the record, and what the record says. */
  record RulingView(Stage fromRecord, PersonId by, LocalDate on, String note) {}

  /** A group with everything it has been taught. */
  record GroupSheet(GroupSummary group, LocalDate today, List<DanceStanding> dances) {}

  /**
   * How many dances stood at each stage at the end of a week, and how many figures had been met.
   */
  record WeekView(
      LocalDate end, int started, int taught, int practised, int known, int rusty, int figures) {
    static WeekView of(Progress.Week week) {
      return new WeekView(
          week.end(),
          at(week, Stage.STARTED),
          at(week, Stage.TAUGHT),
          at(week, Stage.PRACTISED),
          at(week, Stage.KNOWN),
          at(week, Stage.RUSTY),
          week.figures());
    }

    private static int at(Progress.Week week, Stage stage) {
      return week.dances().getOrDefault(stage, 0);
    }
  }

  /** A group as an instructor describes it. */
  record GroupForm(
      @NotBlank @Size(max = 80) String name,
      @NotNull Level level,
      @NotNull DayOfWeek weekday,
      @NotNull LocalTime startsAt,
      @Min(ClassRequest.LEAST_MINUTES) @Max(ClassRequest.MOST_MINUTES) int minutes,
      @NotNull @Size(max = 120) String place,
      int version) {
    GroupDraft draft() {
      return new GroupDraft(name, level, weekday, startsAt, minutes, place);
    }
  }

  /**
   * Something that happened, to be written down.
   *
   * @param key a word by which a device writes it once, however often it sends it
   */
  record EntryForm(
      long dance,
      @NotNull LocalDate date,
      @NotNull Happened happened,
      @NotNull SectionSet shown,
      @NotNull Outcome outcome,
      @NotNull @Size(max = 500) String note,
      @Nullable @Valid EntryDetails more,
      @Nullable @Size(min = 8, max = 60) String key) {

    RecordService.Entry entry(PeopleService people) {
      return new RecordService.Entry(
          dance, date, happened, shown, outcome, note, EntryDetails.details(more, people::leader));
    }
  }

  @GetMapping
  @KeepAnswer
  List<GroupSummary> all() {
    return groups.all().stream().map(this::summary).toList();
  }

  @GetMapping("/{id}")
  @KeepAnswer
  GroupSheet group(@PathVariable long id) {
    GroupRow group = groups.get(id);
    LocalDate day = today.date();
    Map<Long, List<EntryRow>> evidence =
        record.of(id).stream().collect(Collectors.groupingBy(row -> row.at().dance()));
    ClassDays days = closed.now().daysOf(id, group.weekday());
    List<DanceStanding> list =
        standings.of(id, day).stream()
            .filter(one -> one.standing().stage() != Stage.NOT_STARTED)
            .sorted(
                Comparator.comparing((GroupDance one) -> one.row().archived())
                    .thenComparing(one -> one.standing().due().orElse(day))
                    .thenComparing(one -> one.row().title()))
            .map(one -> standing(one, evidence.getOrDefault(one.row().id(), List.of()), day, days))
            .toList();
    return new GroupSheet(summary(group), day, list);
  }

  /** What the group had learned at the end of each week, the first one first. */
  @GetMapping("/{id}/progress")
  @KeepAnswer
  List<WeekView> progress(@PathVariable long id) {
    return standings.progress(groups.get(id).id(), today.date()).weeks().stream()
        .map(WeekView::of)
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  GroupSummary add(@Valid @RequestBody GroupForm form, @AuthenticationPrincipal SignedIn me) {
    return summary(groups.add(form.draft(), me));
  }

  @PutMapping("/{id}")
  GroupSummary change(
      @PathVariable long id,
      @Valid @RequestBody GroupForm form,
      @AuthenticationPrincipal SignedIn me) {
    return summary(groups.change(id, form.version(), form.draft(), me));
  }

  /** Brings an earlier version back; a removed group comes back with it. */
  @PostMapping("/{id}/bring-back")
  GroupSummary bringBack(
      @PathVariable long id,
      @Valid @RequestBody BringBack wanted,
      @AuthenticationPrincipal SignedIn me) {
    return summary(groups.bringBack(id, wanted.version(), wanted.to(), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    groups.archive(id, version, me);
  }

  @PostMapping("/{id}/record")
  GroupSheet record(
      @PathVariable long id,
      @Valid @RequestBody EntryForm form,
      @AuthenticationPrincipal SignedIn me) {
    RecordService.Entry entry = form.entry(people);
    if (form.key() == null) {
      record.record(id, Optional.empty(), entry, me);
    } else {
      record.recordOnce(id, form.key(), entry, me);
    }
    return group(id);
  }

  @DeleteMapping("/{id}/record/{entry}")
  GroupSheet withdraw(
      @PathVariable long id, @PathVariable long entry, @AuthenticationPrincipal SignedIn me) {
    record.withdrawEntry(id, entry, me);
    return group(id);
  }

  private DanceStanding standing(
      GroupDance one, List<EntryRow> evidence, LocalDate day, ClassDays days) {
    return new DanceStanding(
        one.row().id(),
        one.row().title(),
        one.dance().facts().level(),
        one.dance().facts().counts(),
        one.dance().sections(),
        one.row().archived(),
        one.standing().stage(),
        one.standing().shown(),
        one.standing().last().orElse(null),
        one.standing().due().orElse(null),
        one.standing().isDueBy(day),
        one.standing().due().map(days::onOrAfter).orElse(null),
        one.standing().intervalDays(),
        one.standing().strength(),
        one.standing().coverage().map(it -> new CoverageView(it.there(), it.of())).orElse(null),
        one.standing().trouble(),
        one.standing()
            .ruling()
            .map(it -> new RulingView(one.standing().fromRecord(), it.by(), it.on(), it.note()))
            .orElse(null),
        reasons.views(one.standing().reasons(), speech.learning()::reason),
        evidence.stream().map(GroupController::entry).toList());
  }

  private static RecordEntry entry(EntryRow row) {
    return new RecordEntry(
        row.id(),
        row.at().version(),
        row.date(),
        row.happened(),
        row.shown().orElse(null),
        row.outcome(),
        row.note(),
        row.by(),
        EntryDetails.of(row.details()));
  }

  private GroupSummary summary(GroupRow group) {
    LocalDate day = today.date();
    List<GroupDance> dances =
        standings.of(group.id(), day).stream().filter(one -> !one.row().archived()).toList();
    return new GroupSummary(
        group.id(),
        group.name(),
        group.level(),
        group.weekday(),
        group.startsAt(),
        group.minutes(),
        group.place(),
        group.version(),
        count(dances, List.of(Stage.KNOWN)),
        count(dances, List.of(Stage.STARTED, Stage.TAUGHT, Stage.PRACTISED)),
        (int) dances.stream().filter(one -> one.standing().isDueBy(day)).count());
  }

  private static int count(List<GroupDance> dances, List<Stage> stages) {
    return (int) dances.stream().filter(one -> stages.contains(one.standing().stage())).count();
  }
}
