package ulnaawl.server.groups;

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
import java.util.Optional;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.Level;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassRequest;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;

/** Groups, what each has learned, and the record behind it. */
@RestController
@RequestMapping("/api/groups")
class GroupController {

  private final GroupService groups;
  private final Standings standings;
  private final DanceService dances;
  private final Today today;

  GroupController(GroupService groups, Standings standings, DanceService dances, Today today) {
    this.groups = groups;
    this.standings = standings;
    this.dances = dances;
    this.today = today;
  }

  /** A group at a glance. */
  record GroupSummary(
      long id,
      String name,
      String level,
      DayOfWeek weekday,
      LocalTime startsAt,
      int minutes,
      String place,
      int version,
      int known,
      int learning,
      int due) {}

  /** An entry of the record. */
  record Entry(
      long id,
      long dance,
      LocalDate date,
      String happened,
      int sections,
      String outcome,
      String note,
      String by) {}

  /** Where the group stands with one dance. */
  record DanceStanding(
      long dance,
      String title,
      String level,
      int counts,
      int allSections,
      Stage stage,
      int sections,
      @Nullable LocalDate last,
      @Nullable LocalDate due,
      boolean isDue,
      int intervalDays,
      List<String> reasons,
      List<Entry> entries) {}

  /** A group with everything it has been taught. */
  record GroupSheet(GroupSummary group, LocalDate today, List<DanceStanding> dances) {}

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

  /** Something that happened, to be written down. */
  record EntryForm(
      long dance,
      @NotNull LocalDate date,
      @NotNull Happened happened,
      @Min(1) @Max(64) int sections,
      @NotNull Outcome outcome,
      @NotNull @Size(max = 500) String note) {}

  @GetMapping
  List<GroupSummary> all() {
    return groups.all().stream()
        .map(group -> summary(group, standings.of(group.id(), today.date())))
        .toList();
  }

  @GetMapping("/{id}")
  GroupSheet group(@PathVariable long id) {
    GroupRow group = groups.get(id);
    LocalDate day = today.date();
    List<Standings.Known> known = standings.of(id, day);
    List<EvidenceRow> evidence = groups.evidenceOf(id);
    List<DanceStanding> list =
        known.stream()
            .filter(one -> one.standing().stage() != Stage.NOT_STARTED)
            .sorted(
                Comparator.comparing((Standings.Known one) -> one.standing().due().orElse(day))
                    .thenComparing(one -> one.dance().dance().title()))
            .map(one -> standing(one, evidence, day))
            .toList();
    return new GroupSheet(summary(group, known), day, list);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  GroupSummary add(@Valid @RequestBody GroupForm form, @AuthenticationPrincipal SignedIn me) {
    return summary(groups.add(form.draft(), me), List.of());
  }

  @PutMapping("/{id}")
  GroupSummary change(
      @PathVariable long id,
      @Valid @RequestBody GroupForm form,
      @AuthenticationPrincipal SignedIn me) {
    GroupRow row = groups.change(id, form.version(), form.draft(), me);
    return summary(row, standings.of(id, today.date()));
  }

  @PostMapping("/{id}/record")
  GroupSheet record(
      @PathVariable long id,
      @Valid @RequestBody EntryForm form,
      @AuthenticationPrincipal SignedIn me) {
    int sections = dances.danceable(form.dance()).sections();
    if (form.sections() > sections) {
      throw Problem.rejected(
          "This dance has " + sections + " sections, not " + form.sections() + ".");
    }
    Evidence happened =
        new Evidence(form.date(), form.happened(), form.sections(), form.outcome(), me.name());
    groups.record(id, form.dance(), Optional.empty(), happened, form.note());
    return group(id);
  }

  @DeleteMapping("/{id}/record/{entry}")
  GroupSheet removeEntry(
      @PathVariable long id, @PathVariable long entry, @AuthenticationPrincipal SignedIn me) {
    groups.removeEvidence(id, entry, me);
    return group(id);
  }

  private DanceStanding standing(Standings.Known one, List<EvidenceRow> evidence, LocalDate day) {
    List<Entry> entries =
        evidence.stream()
            .filter(row -> row.dance() == one.row().id())
            .map(GroupController::entry)
            .toList();
    return new DanceStanding(
        one.row().id(),
        one.dance().dance().title(),
        one.dance().level().level().label(),
        one.dance().dance().counts(),
        one.dance().sections(),
        one.standing().stage(),
        one.standing().sections(),
        one.standing().last().orElse(null),
        one.standing().due().orElse(null),
        one.standing().isDueBy(day),
        one.standing().intervalDays(),
        one.standing().reasons(),
        entries);
  }

  private static Entry entry(EvidenceRow row) {
    return new Entry(
        row.id(),
        row.dance(),
        row.evidence().date(),
        row.evidence().happened().label(),
        row.evidence().sections(),
        row.evidence().outcome().label(),
        row.note(),
        row.evidence().by());
  }

  private GroupSummary summary(GroupRow group, List<Standings.Known> known) {
    LocalDate day = today.date();
    return new GroupSummary(
        group.id(),
        group.name(),
        group.level().label(),
        group.weekday(),
        group.startsAt(),
        group.minutes(),
        group.place(),
        group.version(),
        count(known, List.of(Stage.KNOWN)),
        count(known, List.of(Stage.STARTED, Stage.TAUGHT, Stage.PRACTISED)),
        (int) known.stream().filter(one -> one.standing().isDueBy(day)).count());
  }

  private static int count(List<Standings.Known> known, List<Stage> stages) {
    return (int) known.stream().filter(one -> stages.contains(one.standing().stage())).count();
  }
}
