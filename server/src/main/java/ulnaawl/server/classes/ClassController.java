package ulnaawl.server.classes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
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
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.SignedIn;

/** The coming classes, their running orders, and their record. */
@RestController
@RequestMapping("/api/classes")
class ClassController {

  private final ClassService classes;
  private final ClassSheets sheets;
  private final RunningOrders orders;
  private final GroupService groups;

  ClassController(
      ClassService classes, ClassSheets sheets, RunningOrders orders, GroupService groups) {
    this.classes = classes;
    this.sheets = sheets;
    this.orders = orders;
    this.groups = groups;
  }

  /** What a line will have been if it goes as planned. */
  record ExpectedView(long line, Happened happened, SectionSet shown, int allSections) {}

  /** A class to plan. */
  record NewClass(long group, @NotNull LocalDate date, int minutes) {}

  /** A class to plan anew. */
  record PlanAnew(int version, int minutes) {}

  /** A running order to bring back, and the version that is known to be the newest. */
  record BringBackOrder(int version, int to) {}

  /** No evening has more lines. */
  private static final int MOST_LINES = 200;

  /** A line as it is wanted; without an id it is new. */
  record LineForm(
      @Nullable Long id,
      @Min(1) @Max(240) int minutes,
      @NotNull Kind kind,
      @Nullable Long dance,
      @NotNull @Size(max = 200) String title) {}

  /** A running order as it is wanted. */
  record OrderForm(
      int version, int minutes, @NotNull @Size(max = MOST_LINES) List<@Valid LineForm> lines) {}

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
      @NotNull @Size(max = MOST_LINES) List<@Valid DancedForm> lines) {}

  @GetMapping
  @KeepAnswer
  Agenda agenda() {
    return sheets.agenda();
  }

  @GetMapping("/{id}")
  @KeepAnswer
  ClassSheet one(@PathVariable long id) {
    return sheets.sheet(classes.get(id));
  }

  /** What each line with a dance will have been: what the form for the record begins with. */
  @GetMapping("/{id}/expected")
  @KeepAnswer
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
    return sheets.sheet(classes.planned(wanted.group(), wanted.date(), wanted.minutes(), me));
  }

  @PostMapping("/{id}/plan")
  ClassSheet planAnew(
      @PathVariable long id,
      @Valid @RequestBody PlanAnew wanted,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(classes.planAnew(id, wanted.version(), wanted.minutes(), me));
  }

  @PostMapping("/{id}/bring-back")
  ClassSheet bringBack(
      @PathVariable long id,
      @Valid @RequestBody BringBackOrder wanted,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(classes.bringBack(id, wanted.version(), wanted.to(), me));
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
    return sheets.sheet(classes.change(id, order.version(), order.minutes(), lines, me));
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
    return sheets.sheet(classes.record(id, form.version(), form.note(), danced, me));
  }

  @DeleteMapping("/{id}/record")
  ClassSheet takeBack(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(classes.takeBack(id, version, me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    classes.archive(id, version, me);
  }
}
