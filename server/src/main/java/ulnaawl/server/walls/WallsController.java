package ulnaawl.server.walls;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Turn;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongPhrases;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.walls.WallsView.ClaimView;
import ulnaawl.server.walls.WallsView.EndingView;
import ulnaawl.server.walls.WallsView.EndingsView;
import ulnaawl.server.walls.WallsView.PlanLine;
import ulnaawl.server.walls.WallsView.PlanView;
import ulnaawl.server.walls.WallsView.RestartCountView;
import ulnaawl.server.walls.WallsView.RestartsView;
import ulnaawl.server.walls.WallsView.Walls;
import ulnaawl.server.walls.WallsView.WhereView;
import ulnaawl.server.wire.Reasons;
import ulnaawl.song.EndingHelper;
import ulnaawl.song.RestartCount;
import ulnaawl.song.RestartHelper;
import ulnaawl.wall.CallSheet;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.where.FacingClaim;
import ulnaawl.wall.where.WhereAreWe;
import ulnaawl.words.Speech;

/** A dance with its music: which wall, where it faces and when. */
@RestController
@RequestMapping("/api/dances/{id}")
@RequiredArgsConstructor
class WallsController {

  private static final int MOST_ENDINGS = 8;
  private static final int EIGHTHS = 8;

  private final DanceService dances;
  private final DanceReader reader;
  private final Music music;
  private final WallsWriter writer;
  private final Reasons reasons;
  private final Speech speech;

  @GetMapping("/walls")
  @KeepAnswer
  Walls walls(
      @PathVariable long id,
      @RequestParam Optional<String> song,
      @RequestParam(defaultValue = "false") boolean optional) {
    DanceRow row = dances.get(id);
    ReadDance read = dances.danceable(id);
    Optional<Music.Choice> choice = music.chosen(read.dance(), song);
    SequenceRequest request = Music.request(read.dance(), choice, optional);
    return writer.write(row, read, choice, request, music.ofSheet(read.dance()));
  }

  @GetMapping("/endings")
  @KeepAnswer
  EndingsView endings(
      @PathVariable long id,
      @RequestParam Optional<String> song,
      @RequestParam(defaultValue = "false") boolean optional) {
    Dance dance = dances.danceable(id).dance();
    SequenceRequest request = Music.request(dance, music.chosen(dance, song), optional);
    EndingHelper.Proposal proposal =
        EndingHelper.propose(dances.get(id).stepText(), reader.book(), request, MOST_ENDINGS);
    return new EndingsView(
        reasons.view(proposal.said(), speech.songs()::ending),
        proposal.endings().stream()
            .map(it ->
                new EndingView(
                    speech.songs().endingName(it),
                    it.wall(),
                    it.after(),
                    it.counts(),
                    it.lines(),
                    reasons.view(it.why(), speech.songs()::ending),
                    it.stepText()))
            .toList());
  }

  /** Phrases as typed take the place of the song's own. */
  @GetMapping("/restarts")
  @KeepAnswer
  RestartsView restarts(
      @PathVariable long id,
      @RequestParam Optional<String> song,
      @RequestParam Optional<String> phrases) {
    Dance dance = dances.danceable(id).dance();
    Optional<Music.Choice> choice = music.chosen(dance, song);
    SongPhrases known =
        phrases
            .map(WallsController::phrases)
            .or(() -> choice.map(it -> it.song().phrases()))
            .orElse(SongPhrases.UNKNOWN);
    RestartHelper.Advice advice =
        RestartHelper.advise(
            dances.get(id).stepText(), reader.book(), Music.request(dance, choice, false), known);
    return new RestartsView(
        known.label(),
        known.counts(),
        advice.asWritten().off(),
        advice.plans().stream().map(this::plan).toList(),
        advice.counts().stream().map(WallsController::count).toList());
  }

  private static SongPhrases phrases(String typed) {
    if (typed.length() > ulnaawl.music.SongField.PHRASES.longest()) {
      throw Problem.rejected("This is more than the phrases of a song.");
    }
    try {
      return SongPhrases.parse(typed);
    } catch (IllegalArgumentException e) {
      throw Problem.rejected(String.valueOf(e.getMessage()));
    }
  }

  private PlanView plan(RestartHelper.Plan plan) {
    return new PlanView(
        speech.songs().plan(plan.kind()),
        plan.exceptions().stream()
            .map(it ->
                new PlanLine(
                    it.wall(),
                    it.event().id(),
                    speech.songs().exception(it),
                    speech.songs().note(it)))
            .toList(),
        plan.fit().off(),
        plan.stepText());
  }

  private static RestartCountView count(RestartCount count) {
    Turn turn = count.turn();
    return new RestartCountView(
        count.after(),
        count.section(),
        count.sectionCount(),
        RelativeFacing.START.plus(turn),
        count.weight(),
        count.verdict(),
        count.change(),
        count.cutFigure());
  }

  @GetMapping("/where-are-we")
  @KeepAnswer
  WhereView where(
      @PathVariable long id,
      @RequestParam Optional<String> song,
      @RequestParam(defaultValue = "false") boolean optional,
      @RequestParam Optional<Integer> facing,
      @RequestParam Optional<Integer> section,
      @RequestParam Optional<Integer> count,
      @RequestParam Optional<String> figure,
      @RequestParam Optional<Integer> seconds) {
    Dance dance = dances.danceable(id).dance();
    SequenceRequest request = Music.request(dance, music.chosen(dance, song), optional);
    if (seconds.isPresent() && (seconds.get() < 0 || seconds.get() > SongEntry.LONGEST_SECONDS)) {
      throw Problem.rejected("The music has run for 0 seconds to two hours.");
    }
    WhereAreWe found =
        WhereAreWe.of(
            dance,
            request,
            new WhereAreWe.Seen(
                facing.map(WallsController::facing),
                number(section),
                number(count),
                figure.filter(name -> !name.isBlank()),
                seconds.isPresent()
                    ? OptionalLong.of(seconds.get() * 1000L)
                    : OptionalLong.empty()));
    CallSheet calls = CallSheet.of(dance, request);
    return new WhereView(
        found.dropped().map(speech.walls()::dropped).orElse(null),
        found.candidates().stream().map(it -> writer.candidate(it, calls)).toList());
  }

  @GetMapping("/facing-claims")
  @KeepAnswer
  ClaimView claim(
      @PathVariable long id,
      @RequestParam FacingClaim.What what,
      @RequestParam int wall,
      @RequestParam int facing,
      @RequestParam(defaultValue = "false") boolean optional) {
    if (wall < 1 || wall > SequenceRequest.MOST_WALLS) {
      throw Problem.rejected("Walls are numbered from 1 to " + SequenceRequest.MOST_WALLS + ".");
    }
    FacingClaim.Answer answer =
        new FacingClaim(what, wall, facing(facing)).check(dances.danceable(id).dance(), optional);
    return new ClaimView(answer.truth(), reasons.views(answer.why(), speech.walls()::claim));
  }

  private static Facing facing(int eighths) {
    if (eighths < 0 || eighths >= EIGHTHS) {
      throw Problem.rejected("A facing is told in eighths of a turn right of 12, from 0 to 7.");
    }
    return new Facing(eighths);
  }

  private static OptionalInt number(Optional<Integer> number) {
    if (number.isPresent() && (number.get() < 0 || number.get() > 999)) {
      throw Problem.rejected("Sections and counts are numbered from 0 to 999.");
    }
    return number.isPresent() ? OptionalInt.of(number.get()) : OptionalInt.empty();
  }
}
