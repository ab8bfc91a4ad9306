package ulnaawl.teach;

import java.util.List;
import java.util.OptionalLong;
import ulnaawl.floor.Facing;
import ulnaawl.teach.lesson.Say;

/**
 * A drill before it has its repetitions and its time.
 *
 * @param counts counts of one repetition
 * @param talkSeconds what is said before it
 * @param start where the class faces, on the room clock
 * @param end where it faces after one repetition
 * @param say what to say, in order
 * @param songMillis length of the music where a whole song is played and its length is known
 */
record Draft(
    int counts, int talkSeconds, Facing start, Facing end, List<Say> say, OptionalLong songMillis) {

  Draft(int counts, int talkSeconds, Facing start, Facing end, List<Say> say) {
    this(counts, talkSeconds, start, end, say, OptionalLong.empty());
  }
}
