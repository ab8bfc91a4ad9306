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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.groups.EvidenceRow;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.groups.Standings;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;

/** The coming classes, their running orders, and their record. */
@RestController
@RequestMapping("/api/classes")
class ClassController {

  private static final int RECENT = 12;

  private final ClassService classes;
  private final RunningOrders orders;
  private final GroupService groups;
  private final Today today;

  ClassController(ClassService classes, RunningOrders orders, GroupService groups, Today today) {
    this.classes = classes;
    this.orders = orders;
    this.groups = groups;
    this.today = today;
  }

  /** What a line will have been if it goes as planned. */
  record ExpectedView(Happened happened, int sections, int allSections) {}

  /** What was written down for a line's dance. */
  record WrittenView(String happened, int sections, String outcome, String note, String by) {}

  /** A line of a running order; {@code start} in minutes from the start of the class. */
  record LineView(
      long id,
      int start,
      int minutes,
      Kind kind,
      String kindLabel,
      @Nullable Long dance,
      String title,
      String reason,
      @Nullable String changedBy,
      @Nullable LocalDateTime changedAt,
      @Nullable ExpectedView expected) {}

  /** A class with its running order. */
  record ClassSheet(
      long id,
      long group,
      String groupName,
      String level,
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
      String level,
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

  /** A line as it is wanted; without an id it is new. */
  record LineForm(
      @Nullable Long id,
      @Min(1) @Max(240) int minutes,
      @NotNull Kind kind,
      @Nullable Long dance,
      @NotNull @Size(max = 200) String title) {}

  /** A running order as it is wanted. */
  record OrderForm(int version, int minutes, @NotNull List<@Valid LineForm> lines) {}

  /** What became of a line. */
  record DancedForm(
      long line,
      @NotNull Happened happened,
      @Min(1) @Max(64) int sections,
      @NotNull Outcome outcome,
      @NotNull @Size(max = 500) String note) {}

  /** What became of a class; lines that are left out were not danced. */
  record RecordForm(
      int version,
      @NotNull @Size(max = 2000) String note,
      @NotNull List<@Valid DancedForm> lines) {}

  @GetMapping
  Agenda agenda() {
    List<Coming> coming = new ArrayList<>();
    for (GroupRow group : groups.all()) {
      Optional<MeetingRow> next = classes.next(group.id());
      coming.add(
          new Coming(
              group.id(),
              group.name(),
              group.level().label(),
              group.startsAt(),
              group.place(),
              group.minutes(),
              next.map(MeetingRow::date).orElseGet(() -> classes.nextDate(group)),
              next.map(this::sheet).orElse(null)));
    }
    coming.sort(Comparator.comparing(Coming::nextDate).thenComparing(Coming::startsAt));
    return new Agenda(
        today.date(), coming, classes.recorded(RECENT).stream().map(this::sheet).toList());
  }

  @GetMapping("/{id}")
  ClassSheet one(@PathVariable long id) {
    return sheet(classes.get(id));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ClassSheet plan(@Valid @RequestBody NewClass wanted, @AuthenticationPrincipal SignedIn me) {
    return sheet(classes.plan(wanted.group(), wanted.date(), wanted.minutes(), me));
  }

  @PostMapping("/{id}/plan")
  ClassSheet planAnew(
      @PathVariable long id,
      @Valid @RequestBody PlanAnew wanted,
      @AuthenticationPrincipal SignedIn me) {
    return sheet(classes.planAnew(id, wanted.version(), wanted.minutes(), me));
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
                    line.line(), line.happened(), line.sections(), line.outcome(), line.note()))
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
  void remove(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    classes.remove(id, version, me);
  }

  private ClassSheet sheet(MeetingRow meeting) {
    GroupRow group = groups.get(meeting.group());
    List<Standings.Known> known =
        meeting.recorded() ? List.of() : orders.known(group.id(), meeting.date());
    List<LineView> lines = new ArrayList<>();
    int start = 0;
    for (LineRow line : meeting.lines()) {
      lines.add(
          new LineView(
              line.id(),
              start,
              line.minutes(),
              line.kind(),
              line.kind().label(),
              line.dance().orElse(null),
              line.title(),
              line.reason(),
              line.changedBy().orElse(null),
              line.changedAt().orElse(null),
              orders
                  .expected(line, group, known)
                  .map(e -> new ExpectedView(e.happened(), e.sections(), e.allSections()))
                  .orElse(null)));
      start += line.minutes();
    }
    return new ClassSheet(
        meeting.id(),
        group.id(),
        group.name(),
        group.level().label(),
        meeting.date(),
        group.startsAt(),
        group.place(),
        meeting.minutes(),
        start,
        meeting.recorded(),
        !meeting.recorded() && !meeting.date().isAfter(today.date()),
        meeting.note(),
        meeting.recordedBy().orElse(null),
        meeting.version(),
        lines,
        written(meeting));
  }

  private List<WrittenView> written(MeetingRow meeting) {
    if (!meeting.recorded()) {
      return List.of();
    }
    return groups.evidenceOf(meeting.group()).stream()
        .filter(row -> row.meeting().equals(Optional.of(meeting.id())))
        .map(row -> written(meeting, row))
        .toList();
  }

  private static WrittenView written(MeetingRow meeting, EvidenceRow row) {
    String title =
        meeting.lines().stream()
            .filter(line -> line.dance().equals(Optional.of(row.dance())))
            .map(LineRow::title)
            .findFirst()
            .orElse("A dance");
    return new WrittenView(
        title + ": " + row.evidence().happened().label(),
        row.evidence().sections(),
        row.evidence().outcome().label(),
        row.note(),
        row.evidence().by());
  }
}
