package ulnaawl.plan.solve;

import java.util.List;
import java.util.Map;

/**
 * The hard rules of a class, and the effort that is wanted at each minute.
 *
 * @param minutes of the class
 * @param pauses when each break may begin, in order
 * @param gentle whether two fast dances in a row are too much, and a second teach
 * @param byStyle whether neighbours differ in style; else in style or speed
 * @param effort wanted effort at each minute, 0 to 100; as many as there are minutes
 * @param locked blocks that begin on a minute, whatever comes around them
 */
public record Rules(
    int minutes,
    List<Window> pauses,
    boolean gentle,
    boolean byStyle,
    List<Integer> effort,
    Map<Integer, ClassBlock> locked) {

  /** Points that are lost for each ten of effort away from what is wanted. */
  static final int EFFORT_LOSS = 1;

  /** Minutes, both included. */
  public record Window(int from, int to) {}

  public Rules {
    pauses = List.copyOf(pauses);
    effort = List.copyOf(effort);
    locked = Map.copyOf(locked);
    if (effort.size() != minutes) {
      throw new IllegalArgumentException("An effort for each of the minutes");
    }
  }

  /** What a block is worth when it begins on a minute. */
  public int points(ClassBlock block, int at) {
    if (block.effort() == ClassBlock.NO_EFFORT) {
      return block.points();
    }
    int middle = Math.min(minutes - 1, at + block.minutes() / 2);
    return block.points() - effortLoss(block.effort(), effort.get(middle));
  }

  /** Points that are lost where a dance asks more or less than is wanted, both 0 to 100. */
  public static int effortLoss(int asked, int wanted) {
    return EFFORT_LOSS * Math.abs(asked - wanted) / 10;
  }

  /** Whether a block may stand after what was danced last. */
  public boolean mayFollow(ClassBlock last, ClassBlock next) {
    if (last.style() == ClassBlock.NO_STYLE || next.style() == ClassBlock.NO_STYLE) {
      return true;
    }
    boolean sameStyle = last.style() != ClassBlock.UNKNOWN_STYLE && last.style() == next.style();
    return Clash.between(sameStyle, last.speed(), next.speed(), byStyle, gentle).isEmpty();
  }

  /** Whether a block that begins on a minute leaves the next locked one its place. */
  boolean leavesRoom(int at, int end) {
    for (int begin : locked.keySet()) {
      if (at < begin && begin < end) {
        return false;
      }
    }
    return end <= minutes;
  }
}
