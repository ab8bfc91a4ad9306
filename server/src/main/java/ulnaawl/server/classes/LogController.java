package ulnaawl.server.classes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassRequest;
import ulnaawl.plan.Late;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.EntryDetails;
import ulnaawl.server.learning.EntryRow;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.register.CameForm;
import ulnaawl.words.Speech;

/** A class while it is on, and what became of it. */
@RestController
@RequestMapping("/api")
@RequiredArgsConstructor
class LogController {

  private final ClassService classes;
  private final ClassLog log;
  private final ClassSheets sheets;
  private final ExpectedLines expected;
  private final RunningOrders orders;
  private final GroupService groups;
  private final PeopleService people;
  private final Speech speech;

  /**
   * What a line will have been.
   *
   * @param noted whether a run-through or a teach noted it; else it is as planned
   * @param more what is known of it besides
   */
  record ExpectedView(
      long line,
      Happened happened,
      SectionSet shown,
      int allSections,
      Outcome outcome,
      boolean noted,
      EntryDetails more) {}

  /** What became of a line; the sections are only heard where it was introduced. */
  record DancedForm(
      long line,
      @NotNull Happened happened,
      @NotNull SectionSet shown,
      @NotNull Outcome outcome,
      @NotNull @Size(max = 500) String note,
      @Nullable @Valid EntryDetails more) {}

  /**
   * What became of a class; lines that are left out were not danced.
   *
   * @param key a word by which a device sends its log once, however often it has to try
   */
  record RecordForm(
      int version,
      @Nullable @Size(max = 60) String key,
      @NotNull @Size(max = 2000) String note,
      @Nullable PersonId ledBy,
      @Nullable @Valid CameForm came,
      @NotNull @Size(max = ClassBounds.MOST_SENT) List<@Valid DancedForm> lines) {}

  /** What a run-through or a teach of the class reached. */
  record NotedForm(
      long dance,
      @NotNull Happened happened,
      @NotNull SectionSet shown,
      @NotNull Outcome outcome,
      @Nullable @Valid EntryDetails more) {}

  /** What becomes of a line where time is short. */
  record LateLine(long line, int minutes, Late.What what, String text, int cost) {}

  /** The best of the rest of a class. */
  record LateView(List<LateLine> lines, int cost, int inHand) {}

  /** What each line with a dance will have been: what the log begins with. */
  @GetMapping("/classes/{id}/expected")
  @KeepAnswer
  List<ExpectedView> expected(@PathVariable long id) {
    ClassRow row = classes.get(id);
    return expected.of(row, groups.get(row.group())).stream().map(LogController::view).toList();
  }

  private static ExpectedView view(ExpectedLines.ExpectedLine line) {
    Optional<EntryRow> noted = line.noted();
    Happened happened = noted.map(EntryRow::happened).orElse(line.expected().happened());
    SectionSet shown =
        noted
            .map(it -> it.shown().orElse(SectionSet.upTo(line.all())))
            .orElse(line.expected().sections());
    return new ExpectedView(
        line.line(),
        happened,
        shown,
        line.all(),
        noted.map(EntryRow::outcome).orElse(Outcome.SOLID),
        noted.isPresent(),
        EntryDetails.of(noted.map(EntryRow::details).orElse(EntryRow.Details.NONE)));
  }

  /** The best of what has not begun, for the minutes that are left. */
  @GetMapping("/classes/{id}/late")
  @KeepAnswer
  LateView late(
      @PathVariable long id,
      @RequestParam long from,
      @RequestParam int left,
      @RequestParam(defaultValue = "0") int since) {
    if (left < 0
        || left > ClassRequest.MOST_MINUTES
        || since < 0
        || since > ClassRequest.MOST_MINUTES) {
      throw Problem.rejected(
          "Of a class 0 to " + ClassRequest.MOST_MINUTES + " minutes are left, not " + left + ".");
    }
    ClassRow row = classes.get(id);
    RunningOrders.LateAnswer answer = orders.late(row, groups.get(row.group()), from, left, since);
    List<LateLine> lines = new ArrayList<>();
    for (LineRow line : row.lines()) {
      Optional.ofNullable(answer.byLine().get(line.id()))
          .ifPresent(it ->
              lines.add(
                  new LateLine(
                      line.id(), it.minutes(), it.what(), speech.plan().late(it), it.cost())));
    }
    return new LateView(lines, answer.cost(), answer.inHand());
  }

  @PostMapping("/classes/{id}/record")
  ClassSheet record(
      @PathVariable long id,
      @Valid @RequestBody RecordForm form,
      @AuthenticationPrincipal SignedIn me) {
    List<ClassLog.Danced> danced =
        form.lines().stream()
            .map(line ->
                new ClassLog.Danced(
                    line.line(),
                    line.happened(),
                    line.shown(),
                    line.outcome(),
                    line.note(),
                    EntryDetails.details(line.more(), people::leader)))
            .toList();
    ClassLog.Log written =
        new ClassLog.Log(
            form.key() == null ? "" : form.key(),
            form.note(),
            Optional.ofNullable(form.ledBy()),
            Optional.ofNullable(form.came()).map(it -> new ClassLog.Came(it.who(), it.version())),
            danced);
    return sheets.sheet(log.record(id, form.version(), written, me));
  }

  @DeleteMapping("/classes/{id}/record")
  ClassSheet takeBack(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(log.takeBack(id, version, me));
  }

  /** Notes what a run-through or a teach reached; the log of the class begins with it. */
  @PostMapping("/classes/{id}/noted")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void note(
      @PathVariable long id,
      @Valid @RequestBody NotedForm form,
      @AuthenticationPrincipal SignedIn me) {
    log.note(
        id,
        new ClassLog.Noted(
            form.dance(),
            form.happened(),
            form.shown(),
            form.outcome(),
            EntryDetails.details(form.more(), people::leader)),
        me);
  }
}
