package ulnaawl.teach;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Practice;
import ulnaawl.teach.school.OpenDrill;

/** What each drill gives to each piece, and how long it takes; drills and pieces by number. */
final class FitTable {

  private final List<OpenDrill> slots;
  private final int[] loads;
  private final int[] before;
  private final boolean[] isSection;
  private final int[][] gains;
  private final int[][] seconds;

  /** The pace of each drill that is danced in time; 0 for one in words. */
  private final int[] paces;

  /** The pieces that a drill helps. */
  private final int[][] helps;

  /** The drills that help a piece. */
  private final int[][] helpers;

  FitTable(Lesson lesson, List<OpenDrill> slots, List<Piece> target) {
    this.slots = List.copyOf(slots);
    this.loads = target.stream().mapToInt(lesson::load).toArray();
    Map<Piece, Integer> known = lesson.before().exposure();
    this.before = target.stream().mapToInt(it -> known.getOrDefault(it, 0)).toArray();
    this.isSection = new boolean[target.size()];
    for (int piece = 0; piece < isSection.length; piece++) {
      isSection[piece] = target.get(piece) instanceof Piece.Steps;
    }
    this.gains = new int[slots.size()][];
    this.seconds = new int[slots.size()][];
    DrillWriter writer = new DrillWriter(lesson);
    for (int i = 0; i < slots.size(); i++) {
      gains[i] = gains(lesson, slots.get(i), target);
      seconds[i] = seconds(lesson, slots.get(i), writer.write(slots.get(i), 1));
    }
    this.paces =
        slots.stream().mapToInt(it -> it.mode() == Mode.WORDS ? 0 : it.percent()).toArray();
    this.helps = new int[slots.size()][];
    for (int i = 0; i < slots.size(); i++) {
      int[] own = gains[i];
      helps[i] = IntStream.range(0, own.length).filter(piece -> own[piece] > 0).toArray();
    }
    this.helpers = new int[target.size()][];
    for (int p = 0; p < helpers.length; p++) {
      int piece = p;
      helpers[p] =
          IntStream.range(0, gains.length).filter(drill -> gains[drill][piece] > 0).toArray();
    }
  }

  private static int[] gains(Lesson lesson, OpenDrill slot, List<Piece> target) {
    Map<Piece, Integer> covered = lesson.covers(slot.scope());
    int worth = Practice.worth(slot.mode(), slot.percent());
    return target.stream()
        .mapToInt(piece -> worth * covered.getOrDefault(piece, 0) / Lesson.WHOLE)
        .toArray();
  }

  private static int[] seconds(Lesson lesson, OpenDrill slot, Drill once) {
    int[] seconds = new int[slot.most() + 1];
    for (int times = 1; times <= slot.most(); times++) {
      seconds[times] = lesson.learner().pace().time(once.shape(), times, lesson.rate()).seconds();
    }
    return seconds;
  }

  /** The fastest that a teach may begin with, in percent of the full rate. */
  private static final int BEGIN = 70;

  /** Whether a drill rises by more than a rung above the fastest that was danced before it. */
  boolean rises(int drill, int[] repetitions) {
    int fastest = BEGIN - TempoLadder.LARGEST_RISE;
    for (int before = 0; before < drill; before++) {
      fastest = repetitions[before] > 0 ? Math.max(fastest, paces[before]) : fastest;
    }
    return paces[drill] > fastest + TempoLadder.LARGEST_RISE;
  }

  int drills() {
    return slots.size();
  }

  int pieces() {
    return loads.length;
  }

  /** The fewest repetitions of a drill. */
  int least(int drill) {
    return slots.get(drill).least();
  }

  /** The most repetitions of a drill. */
  int most(int drill) {
    return slots.get(drill).most();
  }

  /** Seconds of a drill that is danced so often; none where it is left out. */
  int seconds(int drill, int times) {
    return seconds[drill][times];
  }

  /** What one turn of a drill gives to a piece, in thousandths of a turn at full speed. */
  int gain(int drill, int piece) {
    return gains[drill][piece];
  }

  int[] helps(int drill) {
    return helps[drill];
  }

  int[] helpers(int piece) {
    return helpers[piece];
  }

  /** What the group brings along, in thousandths of a turn at full speed. */
  int before(int piece) {
    return before[piece];
  }

  boolean isSection(int piece) {
    return isSection[piece];
  }

  /** How much of a piece's practice is done from what was practised, in thousandths. */
  int practiceDone(int piece, int exposure) {
    return Practice.practiceDone(exposure, loads[piece]);
  }
}
