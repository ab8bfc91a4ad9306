package ulnaawl.teach.ladder;

import java.util.List;
import java.util.Optional;

/**
 * Where a class stands on a tempo ladder after some answers. Rules (common practice): a clean pass
 * goes a rung up; a shaky one repeats the rung, and a second shaky one in a row goes down; a lost
 * one goes down. Too long at one speed is ended by a suggestion.
 *
 * @param rung the rung to dance next, from 0
 * @param done whether full speed was clean
 * @param suggestion what to do instead of going on; empty while there is no need
 */
public record LadderWalk(int rung, boolean done, Optional<Suggestion> suggestion) {

  /** Passes of one rung without a clean one after which it is enough. */
  static final int HOLD = 3;

  /** How a pass went. */
  public enum Answer {
    CLEAN,
    SHAKY,
    LOST
  }

  /**
   * It is enough at one speed.
   *
   * @param times so many passes or more were not clean
   * @param percent the speed
   * @param instead what to do instead of going on
   */
  public record Suggestion(int times, int percent, Instead instead) {}

  /** What to do instead of going on. */
  public sealed interface Instead {

    /** Break the hardest section down in words first. */
    record BreakDown() implements Instead {}

    /** End on a clean wall at a speed, and take it up next week. */
    record EndOn(int percent) implements Instead {}
  }

  /**
   * Follows the answers, the first one first.
   *
   * @param from the rung of the first answer, from 0; one above the ladder is its top
   */
  public static LadderWalk after(TempoLadder ladder, int from, List<Answer> answers) {
    int last = ladder.percents().size() - 1;
    int rung = Math.clamp(from, 0, last);
    int shakyInRow = 0;
    boolean done = false;
    int[] failed = new int[last + 1];
    for (Answer answer : answers) {
      done = false;
      switch (answer) {
        case CLEAN -> {
          shakyInRow = 0;
          failed[rung] = 0;
          done = rung == last;
          rung = Math.min(last, rung + 1);
        }
        case SHAKY -> {
          failed[rung]++;
          shakyInRow++;
          if (shakyInRow == 2) {
            shakyInRow = 0;
            rung = Math.max(0, rung - 1);
          }
        }
        case LOST -> {
          failed[rung]++;
          shakyInRow = 0;
          rung = Math.max(0, rung - 1);
        }
      }
    }
    return new LadderWalk(rung, done, suggestion(ladder, failed));
  }

  private static Optional<Suggestion> suggestion(TempoLadder ladder, int[] failed) {
    for (int i = 0; i < failed.length; i++) {
      if (failed[i] >= HOLD) {
        return Optional.of(enough(ladder, i));
      }
    }
    return Optional.empty();
  }

  /** What to do once a rung has not been clean too often; {@code rung} from 0. */
  public static Suggestion enough(TempoLadder ladder, int rung) {
    Instead instead =
        rung == 0 ? new Instead.BreakDown() : new Instead.EndOn(ladder.percents().get(rung - 1));
    return new Suggestion(HOLD, ladder.percents().get(rung), instead);
  }
}
