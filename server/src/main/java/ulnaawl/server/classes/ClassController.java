package ulnaawl.server.classes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
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
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.PlanReason;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.groups.EvidenceRow;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;
import ulnaawl.server.teaching.SavedTeaches;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.server.wire.Reasons;
import ulnaawl.words.Speech;

/** The coming classes, their running orders, and their record. */
@RestController
@RequestMapping("/api/classes")
class ClassController {

  private static final int RECENT = 12;

  private final ClassService classes;
  private final RunningOrders orders;
  private final GroupService groups;
  private final SavedTeaches teaches;
  private final Reasons reasons;
  private final Speech speech;
  private final Today today;

  ClassController(
      ClassService classes,
      RunningOrders orders,
      GroupService groups,
      SavedTeaches teaches,
      Reasons reasons,
      Speech speech,
      Today today) {
    this.classes = classes;
    this.orders = orders;
    this.groups = groups;
    this.teaches = teaches;
    this.reasons = reasons;
    this.speech = speech;
    this.today = today;
  }

  /** What a line will have been if it goes as planned. */
  record ExpectedView(long line, Happened happened, SectionSet shown, int allSections) {}

  /**
   * What was written down for a line's dance.
   *
   * @param shown sections by their numbers at that time; nothing for the whole dance
   */
  record WrittenView(
      long dance,
      String title,
      Happened happened,
      @Nullable SectionSet shown,
      Outcome outcome,
      String note,
      String by) {}

  /**
   * A line of a running order; {@code start} in minutes from the start of the class.
   *
   * @param teachBy who last changed the teach that is put together for it, where there is one
   */
  record LineView(
      long id,
      int start,
      int minutes,
      Kind kind,
      @Nullable Long dance,
      String title,
      List<ReasonView> reasons,
      @Nullable String changedBy,
      @Nullable LocalDateTime changedAt,
      @Nullable String teachBy) {}

  /** A class with its running order. */
  record ClassSheet(
      long id,
      long group,
      String groupName,
      Level level,
      LocalDate date,
      LocalTime startsAt,
      String place,
      int minutes,
      int planned,
      boolean recorded,
      boolean canRecord,
      String note,
      @Nullable String recordedBy,
      int version,
      List<LineView> lines,
      List<WrittenView> written) {}

  /** A group and its coming class, where it is planned. */
  record Coming(
      long group,
      String groupName,
      Level level,
      LocalTime startsAt,
      String place,
      int minutes,
      LocalDate nextDate,
      @Nullable ClassSheet planned) {}

  /** What is coming and what has been. */
  record Agenda(LocalDate today, List<Coming> coming, List<ClassSheet> recent) {}

  /** A class to plan. */
  record NewClass(long group, @NotNull LocalDate date, int minutes) {}

  /** A class to plan anew. */
  record PlanAnew(int version, int minutes) {}

  /** A running order to bring back, and the version that is known to be the newest. */
  record BringBackOrder(int version, int to) {}

  /** A line as it is wanted; without an id it is new. */
  record LineForm(
      @Nullable Long id,
      @Min(1) @Max(240) int minutes,
      @NotNull Kind kind,
      @Nullable Long dance,
      @NotNull @Size(max = 200) String title) {}

  /** A running order as it is wanted. */
  record OrderForm(int version, int minutes, @NotNull List<@Valid LineForm> lines) {}

  /** What became of a line; the sections are only heard where it was introduced. */
  record DancedForm(
      long line,
      @NotNull Happened happened,
      @NotNull SectionSet shown,
      @NotNull Outcome outcome,
      @NotNull @Size(max = 500) String note) {}

  /** What became of a class; lines that are left out were not danced. */
  record RecordForm(
      int version,
      @NotNull @Size(max = 2000) String note,
      @NotNull List<@Valid DancedForm> lines) {}

  @GetMapping
  Agenda agenda() {
    Map<Long, ClassRow> next = classes.next();
    List<ClassRow> recent = classes.recorded(RECENT);
    Map<Long, List<EvidenceRow>> written =
        groups.evidenceOfMeetings(recent.stream().map(ClassRow::id).toList()).stream()
            .collect(Collectors.groupingBy(row -> row.meeting().orElse(0L)));
    List<Coming> coming = new ArrayList<>();
    for (GroupRow group : groups.all()) {
      Optional<ClassRow> planned = Optional.ofNullable(next.get(group.id()));
      coming.add(
          new Coming(
              group.id(),
              group.name(),
              group.level(),
              group.startsAt(),
              group.place(),
              group.minutes(),
              planned.map(ClassRow::date).orElseGet(() -> classes.nextDate(group)),
              planned.map(row -> sheet(row, group, List.of())).orElse(null)));
    }
    coming.sort(Comparator.comparing(Coming::nextDate).thenComparing(Coming::startsAt));
    return new Agenda(
        today.date(),
        coming,
        recent.stream()
            .map(row ->
                sheet(row, groups.get(row.group()), written.getOrDefault(row.id(), List.of())))
            .toList());
  }

  @GetMapping("/{id}")
  ClassSheet one(@PathVariable long id) {
    return sheet(classes.get(id));
  }

  /** What each line with a dance will have been: what the form for the record begins with. */
  @GetMapping("/{id}/expected")
  List<ExpectedView> expected(@PathVariable long id) {
    ClassRow row = classes.get(id);
    return orders.expected(row, groups.get(row.group())).stream()
        .map(it ->
            new ExpectedView(
                it.line(), it.expected().happened(), it.expected().sections(), it.all()))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ClassSheet plan(@Valid @RequestBody NewClass wanted, @AuthenticationPrincipal SignedIn me) {
    return sheet(classes.planned(wanted.group(), wanted.date(), wanted.minutes(), me));
  }

  @PostMapping("/{id}/plan")
  ClassSheet planAnew(
      @PathVariable long id,
      @Valid @RequestBody PlanAnew wanted,
      @AuthenticationPrincipal SignedIn me) {
    return sheet(classes.planAnew(id, wanted.version(), wanted.minutes(), me));
  }

  @PostMapping("/{id}/bring-back")
  ClassSheet bringBack(
      @PathVariable long id,
      @Valid @RequestBody BringBackOrder wanted,
      @AuthenticationPrincipal SignedIn me) {
    return sheet(classes.bringBack(id, wanted.version(), wanted.to(), me));
  }

  @PutMapping("/{id}")
  ClassSheet change(
      @PathVariable long id,
      @Valid @RequestBody OrderForm order,
      @AuthenticationPrincipal SignedIn me) {
    List<ClassService.WantedLine> lines =
        order.lines().stream()
            .map(line ->
                new ClassService.WantedLine(
                    line.id() == null ? 0 : line.id(),
                    line.minutes(),
                    line.kind(),
                    Optional.ofNullable(line.dance()),
                    line.title()))
            .toList();
    return sheet(classes.change(id, order.version(), order.minutes(), lines, me));
  }

  @PostMapping("/{id}/record")
  ClassSheet record(
      @PathVariable long id,
      @Valid @RequestBody RecordForm form,
      @AuthenticationPrincipal SignedIn me) {
    List<ClassService.Danced> danced =
        form.lines().stream()
            .map(line ->
                new ClassService.Danced(
                    line.line(), line.happened(), line.shown(), line.outcome(), line.note()))
            .toList();
    return sheet(classes.record(id, form.version(), form.note(), danced, me));
  }

  @DeleteMapping("/{id}/record")
  ClassSheet takeBack(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    return sheet(classes.takeBack(id, version, me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    classes.archive(id, version, me);
  }

  private ClassSheet sheet(ClassRow row) {
    return sheet(
        row,
        groups.get(row.group()),
        row.recorded() ? groups.evidenceOfMeetings(List.of(row.id())) : List.of());
  }

  private ClassSheet sheet(ClassRow row, GroupRow group, List<EvidenceRow> written) {
    Map<Long, String> teachBy = teaches.savedBy(group.id());
    List<LineView> lines = new ArrayList<>();
    int start = 0;
    for (LineRow line : row.lines()) {
      Optional<Long> dance = line.dance().map(DanceVersion::dance);
      lines.add(
          new LineView(
              line.id(),
              start,
              line.minutes(),
              line.kind(),
              dance.orElse(null),
              line.title(),
              reasons.views(
                  line.reasons(), (PlanReason it) -> speech.plan().reason(it, today.date())),
              line.changedBy().orElse(null),
              line.changedAt().orElse(null),
              line.kind() == Kind.TEACH ? dance.map(teachBy::get).orElse(null) : null));
      start += line.minutes();
    }
    return new ClassSheet(
        row.id(),
        group.id(),
        group.name(),
        group.level(),
        row.date(),
        group.startsAt(),
        group.place(),
        row.minutes(),
        start,
        row.recorded(),
        !row.recorded() && !row.date().isAfter(today.date()),
        row.note(),
        row.recordedBy().orElse(null),
        row.version(),
        lines,
        written.stream().map(one -> written(row, one)).toList());
  }

  private static WrittenView written(ClassRow row, EvidenceRow one) {
    String title =
        row.lines().stream()
            .filter(line -> line.isOf(Optional.of(one.at().dance())))
            .map(LineRow::title)
            .findFirst()
            .orElse("A dance");
    return new WrittenView(
        one.at().dance(),
        title,
        one.happened(),
        one.shown().orElse(null),
        one.outcome(),
        one.note(),
        one.by());
  }
}
