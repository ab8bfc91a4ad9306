package ulnaawl.teach.school;

import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Scope;

/**
 * A drill whose repetitions are still open.
 *
 * @param least the fewest repetitions that make sense; 0 where it can be left out
 * @param most the most; the same as the fewest where it is locked
 */
public record OpenDrill(Scope scope, Mode mode, int percent, int least, int most) {

  /** The most repetitions of a drill. */
  public static final int MOST = 12;

  public OpenDrill {
    if (least < 0 || most < Math.max(1, least) || most > MOST) {
      throw new IllegalArgumentException("Repetitions from " + least + " to " + most);
    }
    if (percent < TempoLadder.LOWEST || percent > 100) {
      throw new IllegalArgumentException("A pace of 50 to 100 %, not " + percent);
    }
  }

  /** A drill that somebody put in: from once up to what makes sense for its length. */
  public static OpenDrill open(Scope scope, Mode mode, int percent) {
    int most =
        switch (scope) {
          case Scope.Walls _ -> 2;
          case Scope.Run _, Scope.Option _ -> 4;
          default -> 5;
        };
    return new OpenDrill(scope, mode, percent, 1, most);
  }

  /** A drill whose repetitions stay. */
  public static OpenDrill locked(Scope scope, Mode mode, int percent, int repetitions) {
    return new OpenDrill(scope, mode, percent, repetitions, repetitions);
  }

  public static OpenDrill words(Scope scope, int least, int most) {
    return new OpenDrill(scope, Mode.WORDS, 100, least, most);
  }

  public static OpenDrill counts(Scope scope, int percent, int least, int most) {
    return new OpenDrill(scope, Mode.COUNTS, percent, least, most);
  }
}
