package ulnaawl.teach.lesson;

import java.util.List;
import ulnaawl.floor.Facing;

/**
 * One piece of practice.
 *
 * @param scope what is practised
 * @param mode how
 * @param percent pace, as a share of the full count rate; 50 to 100; only for counts and music
 * @param repetitions how often, 1 or more
 * @param counts counts of one repetition
 * @param talkSeconds seconds of talk before it
 * @param seconds seconds in all
 * @param startFacing where the class faces, on the room clock
 * @param say what to say, in order
 */
public record Drill(
    Scope scope,
    Mode mode,
    int percent,
    int repetitions,
    int counts,
    int talkSeconds,
    int seconds,
    Facing startFacing,
    List<Say> say) {

  public Drill {
    say = List.copyOf(say);
    if (repetitions < 1) {
      throw new IllegalArgumentException("A drill is danced at least once");
    }
  }
}
