package ulnaawl.teach;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Practice;
import ulnaawl.teach.school.Slot;

/**
 * Chooses repetitions for drills in a given order, so that within the seconds there are the least
 * ready section is as ready as can be; then the least ready piece of any kind; then all together.
 * Where few enough choices are possible all of them are tried. Else each repetition goes to what is
 * least ready, where it helps most for its time, for every shorter time as well, and the best is
 * kept: so that more time never makes the least readiness worse.
 */
final class Fit {

  /** Choices up to which all are tried. */
  static final long MOST_CHOICES = 20_000;

  private static final int STEP_SECONDS = 30;

  /** A tag or a join may stay this far behind a section, in thousandths. */
  private static final int BEHIND = 100;

  private final Lesson lesson;
  private final List<Slot> slots;
  private final List<Piece> pieces;
  private final int[] loads;
  private final int[] before;
  private final boolean[] isSection;
  private final int[][] gains;
  private final int[][] seconds;

  /**
   * Prepares a fit.
   *
   * @param target the pieces whose readiness counts
   */
  Fit(Lesson lesson, List<Slot> slots, List<Piece> target) {
    this.lesson = lesson;
    this.slots = List.copyOf(slots);
    this.pieces = List.copyOf(target);
    this.loads = pieces.stream().mapToInt(lesson::load).toArray();
    this.isSection = new boolean[pieces.size()];
    Practice known = lesson.before();
    this.before = pieces.stream().mapToInt(it -> known.exposure().getOrDefault(it, 0)).toArray();
    for (int i = 0; i < pieces.size(); i++) {
      isSection[i] = pieces.get(i) instanceof Piece.Steps;
    }
    this.gains = new int[slots.size()][pieces.size()];
    this.seconds = new int[slots.size()][];
    prepare();
  }

  private void prepare() {
    DrillWriter writer = new DrillWriter(lesson);
    for (int i = 0; i < slots.size(); i++) {
      Slot slot = slots.get(i);
      Map<Piece, Integer> covered = lesson.covers(slot.scope());
      int worth = Practice.worth(slot.mode(), slot.percent());
      for (int p = 0; p < pieces.size(); p++) {
        gains[i][p] = worth * covered.getOrDefault(pieces.get(p), 0) / Lesson.WHOLE;
      }
      Drill once = writer.write(slot, 1);
      seconds[i] = new int[slot.most() + 1];
      for (int r = 1; r <= slot.most(); r++) {
        seconds[i][r] =
            lesson
                .learner()
                .pace()
                .seconds(
                    slot.mode(),
                    once.counts(),
                    r,
                    slot.percent(),
                    lesson.rate(),
                    once.talkSeconds());
      }
    }
  }

  /** How good a choice is; more is better, compared in this order. */
  record Worth(int leastSection, int leastPiece, long sum, int seconds)
      implements Comparable<Worth> {
    @Override
    public int compareTo(Worth other) {
      return Comparator.comparingInt(Worth::leastSection)
          .thenComparingInt(Worth::leastPiece)
          .thenComparingLong(Worth::sum)
          .thenComparing(Worth::seconds, Comparator.reverseOrder())
          .compare(this, other);
    }
  }

  /** Repetitions for each drill; the fewest where not even these fit. */
  int[] within(int limit) {
    int[] least = slots.stream().mapToInt(Slot::least).toArray();
    if (seconds(least) > limit) {
      return least;
    }
    return choices() <= MOST_CHOICES ? best(limit) : greedy(limit);
  }

  int seconds(int[] repetitions) {
    int sum = 0;
    for (int i = 0; i < repetitions.length; i++) {
      sum += seconds[i][repetitions[i]];
    }
    return sum;
  }

  private long choices() {
    long all = 1;
    for (Slot slot : slots) {
      all *= slot.most() - slot.least() + 1L;
      if (all > MOST_CHOICES) {
        return all;
      }
    }
    return all;
  }

  Worth worth(int[] repetitions) {
    int leastSection = Integer.MAX_VALUE;
    int leastPiece = Integer.MAX_VALUE;
    long sum = 0;
    for (int p = 0; p < pieces.size(); p++) {
      int ready = readiness(repetitions, p);
      leastPiece = Math.min(leastPiece, ready);
      leastSection = isSection[p] ? Math.min(leastSection, ready) : leastSection;
      sum += ready;
    }
    return new Worth(leastSection, leastPiece, sum, seconds(repetitions));
  }

  private int readiness(int[] repetitions, int piece) {
    int exposure = before[piece];
    for (int i = 0; i < repetitions.length; i++) {
      exposure += gains[i][piece] * repetitions[i];
    }
    return Practice.readiness(exposure, loads[piece]);
  }

  /** Every choice, one after the other. */
  int[] best(int limit) {
    int[] now = slots.stream().mapToInt(Slot::least).toArray();
    int[] best = now.clone();
    Worth most = worth(now);
    while (next(now)) {
      if (seconds(now) <= limit) {
        Worth worth = worth(now);
        if (worth.compareTo(most) > 0) {
          most = worth;
          best = now.clone();
        }
      }
    }
    return best;
  }

  private boolean next(int[] now) {
    for (int i = 0; i < now.length; i++) {
      if (now[i] < slots.get(i).most()) {
        now[i]++;
        return true;
      }
      now[i] = slots.get(i).least();
    }
    return false;
  }

  int[] greedy(int limit) {
    int[] least = slots.stream().mapToInt(Slot::least).toArray();
    int[] best = least;
    Worth most = worth(least);
    // Steps from the limit downwards would differ from limit to limit; from zero they do not.
    List<Integer> limits = new ArrayList<>();
    for (int at = STEP_SECONDS; at < limit; at += STEP_SECONDS) {
      limits.add(at);
    }
    limits.add(limit);
    for (int at : limits) {
      if (seconds(least) <= at) {
        int[] filled = fill(least.clone(), at);
        Worth worth = worth(filled);
        if (worth.compareTo(most) > 0) {
          most = worth;
          best = filled;
        }
      }
    }
    return best;
  }

  private int[] fill(int[] repetitions, int limit) {
    int used = seconds(repetitions);
    while (true) {
      int chosen = step(repetitions, limit - used);
      if (chosen < 0) {
        return repetitions;
      }
      used -= seconds[chosen][repetitions[chosen]];
      repetitions[chosen]++;
      used += seconds[chosen][repetitions[chosen]];
    }
  }

  /** The drill that helps the least ready piece most for its time; -1 where nothing fits. */
  private int step(int[] repetitions, int left) {
    int[] ready = new int[pieces.size()];
    Integer[] order = new Integer[pieces.size()];
    for (int p = 0; p < ready.length; p++) {
      ready[p] = readiness(repetitions, p) + (isSection[p] ? 0 : BEHIND);
      order[p] = p;
    }
    Arrays.sort(order, Comparator.comparingInt(p -> ready[p]));
    for (int piece : order) {
      int chosen = -1;
      double most = 0;
      for (int i = 0; i < repetitions.length; i++) {
        int now = repetitions[i];
        if (now < slots.get(i).most() && gains[i][piece] > 0) {
          int more = seconds[i][now + 1] - seconds[i][now];
          double gain = gains[i][piece] / (double) Math.max(1, more);
          if (more <= left && gain > most) {
            chosen = i;
            most = gain;
          }
        }
      }
      if (chosen >= 0) {
        return chosen;
      }
    }
    return -1;
  }
}
