package ulnaawl.teach.lesson;

import java.util.List;
import ulnaawl.floor.Facing;

/**
 * One piece of practice.
 *
 * @param scope what is practised
 * @param repetitions how often, 1 or more
 * @param shape what one repetition consists of
 * @param time where its time goes, all repetitions together
 * @param startFacing where the class faces, on the room clock
 * @param endFacing where it faces after one repetition
 * @param say what to say, in order
 */
public record Drill(
    Scope scope,
    int repetitions,
    DrillShape shape,
    DrillTime time,
    Facing startFacing,
    Facing endFacing,
    List<Say> say) {

  public Drill {
    say = List.copyOf(say);
    if (repetitions < 1) {
      throw new IllegalArgumentException("A drill is danced at least once");
    }
  }

  public Mode mode() {
    return shape.mode();
  }

  /** Pace, as a share of the full count rate; 50 to 100; only for counts and music. */
  public int percent() {
    return shape.percent();
  }

  /** Counts of one repetition. */
  public int counts() {
    return shape.counts();
  }

  /** Seconds in all. */
  public int seconds() {
    return time.seconds();
  }
}
