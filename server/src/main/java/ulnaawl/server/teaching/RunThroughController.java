package ulnaawl.server.teaching;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.FigureBook;
import ulnaawl.learning.Stage;
import ulnaawl.music.Tempo;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.teaching.RunThrough.RunThroughView;
import ulnaawl.server.teaching.TeachingService.Prepared;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.server.wire.Reasons;
import ulnaawl.teach.ladder.LadderWalk;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.WallSequence;
import ulnaawl.words.Speech;

/** A dance from slow to full speed. */
@RestController
@RequestMapping("/api/dances/{id}/run-through")
class RunThroughController {

  private static final int MOST_ANSWERS = 200;

  private final DanceService dances;
  private final DanceReader reader;
  private final TeachingService teaching;
  private final Reasons reasons;
  private final Speech speech;

  RunThroughController(
      DanceService dances,
      DanceReader reader,
      TeachingService teaching,
      Reasons reasons,
      Speech speech) {
    this.dances = dances;
    this.reader = reader;
    this.teaching = teaching;
    this.reasons = reasons;
    this.speech = speech;
  }

  /** Where the class stands on the ladder after its answers. */
  record LadderView(int rung, boolean done, @Nullable ReasonView suggestion) {}

  private record Ladder(ReadDance read, boolean rateKnown, TempoLadder ladder, boolean known) {}

  @GetMapping
  @KeepAnswer
  RunThroughView runThrough(
      @PathVariable long id,
      @RequestParam Optional<Long> group,
      @RequestParam Optional<Integer> walls) {
    Ladder ladder = ladder(id, group);
    SequenceRequest request = SequenceRequest.of(ladder.read().dance());
    if (walls.isPresent()) {
      if (walls.get() < 1 || walls.get() > SequenceRequest.MOST_WALLS) {
        throw Problem.rejected("A run-through has 1 to 99 walls.");
      }
      request = new SequenceRequest(request.song(), OptionalInt.of(walls.get()), false);
    }
    return RunThrough.of(
        id,
        ladder.read().dance(),
        WallSequence.of(ladder.read().dance(), request),
        ladder.rateKnown(),
        ladder.ladder(),
        ladder.known(),
        speech);
  }

  /** The next rung after answers that began on a rung: {@code from=1&answers=CLEAN,SHAKY}. */
  @GetMapping("/next")
  @KeepAnswer
  LadderView next(
      @PathVariable long id,
      @RequestParam Optional<Long> group,
      @RequestParam(defaultValue = "0") int from,
      @RequestParam(defaultValue = "") List<LadderWalk.Answer> answers) {
    if (answers.size() > MOST_ANSWERS) {
      throw Problem.rejected("Up to " + MOST_ANSWERS + " answers are followed.");
    }
    if (answers.stream().anyMatch(Objects::isNull)) {
      throw Problem.rejected("An answer is missing between two commas.");
    }
    LadderWalk walk = LadderWalk.after(ladder(id, group).ladder(), from, answers);
    return new LadderView(
        walk.rung(),
        walk.done(),
        walk.suggestion().map(it -> reasons.view(it, speech.teach()::suggestion)).orElse(null));
  }

  private Ladder ladder(long id, Optional<Long> group) {
    ReadDance read = dances.danceable(id);
    Optional<Tempo> rate = read.dance().countsPerMinute();
    Optional<Prepared> prepared = group.map(one -> teaching.prepare(id, one));
    boolean known = prepared.map(it -> it.stage() == Stage.KNOWN).orElse(false);
    FigureBook book = reader.book();
    Lesson lesson =
        prepared
            .map(Prepared::lesson)
            .orElseGet(() -> new Lesson(read.dance(), book, Learner.fresh(TeachPace.LIVE)));
    TempoLadder ladder = TempoLadder.of(rate.orElse(TeachPace.USUAL_RATE), known, lesson.hardest());
    return new Ladder(read, rate.isPresent(), ladder, known);
  }
}
