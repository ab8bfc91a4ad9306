package ulnaawl.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.level.LevelMeasure;
import ulnaawl.level.LevelTable;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Stated;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Severity;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.WallSequence;

/** Reads a dance and holds it against every rule. */
public final class CheckSuite {

  private static final List<Check> CHECKS =
      List.of(
          new PhrasingCheck(),
          new StatedCountsCheck(),
          new WallTurnCheck(),
          new EndWeightCheck(),
          new JoinWeightCheck(),
          new RestartFacingCheck(),
          new StatedFacingCheck(),
          new NotedFacingCheck(),
          new ImpossibleStepCheck(),
          new UncoveredCountsCheck(),
          new StatedLevelCheck(),
          new EchoCheck());

  private CheckSuite() {}

  /** Parses, compiles and checks a text; diagnostics come in the order of the text. */
  public static Compilation check(String text, FigureBook book) {
    return check(text, book, LevelTable.standard());
  }

  /** The same with a club's own table of levels. */
  public static Compilation check(String text, FigureBook book, LevelTable table) {
    Compilation compiled = DanceCompiler.compile(text, book);
    List<Diagnostic> all = new ArrayList<>(compiled.diagnostics());
    Dance dance = compiled.dance();
    Subject subject = new Subject(dance, everyWall(dance), LevelMeasure.of(dance, book, table));
    boolean understood = all.stream().noneMatch(d -> d.severity() == Severity.ERROR);
    for (Check check : CHECKS) {
      // Weight and turn are only judged where every step was understood: one slip, one message.
      if (understood || check instanceof PhrasingCheck) {
        all.addAll(check.check(subject));
      }
    }
    all.sort(Comparator.comparingInt(d -> d.span().start()));
    return new Compilation(dance, all);
  }

  private static WallSequence everyWall(Dance dance) {
    int most = SequenceRequest.USUAL_WALLS;
    for (Phrase phrase : dance.script().phrasing()) {
      for (Stated<Integer> wall : wallsOf(phrase)) {
        most = Math.max(most, wall.value() + 1);
      }
    }
    SequenceRequest request =
        new SequenceRequest(java.util.Optional.empty(), OptionalInt.of(most), true);
    return WallSequence.of(dance, request);
  }

  private static List<Stated<Integer>> wallsOf(Phrase phrase) {
    return switch (phrase) {
      case Phrase.TagPhrase tag -> tag.walls();
      case Phrase.RestartPhrase restart -> restart.walls();
      case Phrase.StartPhrase start -> start.walls();
      case Phrase.BridgePhrase bridge -> bridge.walls();
      case Phrase.RepeatPhrase repeat -> repeat.walls();
      case Phrase.EndingPhrase ending -> List.of(ending.wall());
      case Phrase.OrderPhrase order -> List.of();
    };
  }
}
