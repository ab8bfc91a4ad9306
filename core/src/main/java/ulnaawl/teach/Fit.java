package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.school.OpenDrill;

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

  private final FitTable table;
  private boolean refused;

  /**
   * Prepares a fit.
   *
   * @param target the pieces whose readiness counts
   */
  Fit(Lesson lesson, List<OpenDrill> slots, List<Piece> target) {
    this.table = new FitTable(lesson, slots, target);
  }

  /** Repetitions for each drill; the fewest where not even these fit. */
  int[] within(int limit) {
    Choice fewest = Choice.fewest(table);
    if (fewest.seconds() > limit) {
      return fewest.repetitions();
    }
    return (choices() <= MOST_CHOICES ? best(limit) : greedy(limit)).repetitions();
  }

  private long choices() {
    long all = 1;
    for (int drill = 0; drill < table.drills(); drill++) {
      all *= table.most(drill) - table.least(drill) + 1L;
      if (all > MOST_CHOICES) {
        return all;
      }
    }
    return all;
  }

  /** Every choice, one after the other. */
  Choice best(int limit) {
    Choice now = Choice.fewest(table);
    Choice best = now.copy();
    Choice.Worth most = now.worth();
    while (next(now)) {
      if (now.seconds() <= limit && now.isGradual()) {
        Choice.Worth worth = now.worth();
        if (worth.compareTo(most) > 0) {
          most = worth;
          best = now.copy();
        }
      }
    }
    return best;
  }

  private boolean next(Choice now) {
    for (int drill = 0; drill < table.drills(); drill++) {
      if (now.times(drill) < table.most(drill)) {
        now.set(drill, now.times(drill) + 1);
        return true;
      }
      now.set(drill, table.least(drill));
    }
    return false;
  }

  Choice greedy(int limit) {
    // All times go the same way until the first drill that does not fit.
    Choice common = Choice.fewest(table);
    Choice best = common.copy();
    Choice.Worth most = best.worth();
    // Steps from the limit downwards would differ from limit to limit; from zero they do not.
    List<Integer> limits = new ArrayList<>();
    for (int at = STEP_SECONDS; at < limit; at += STEP_SECONDS) {
      limits.add(at);
    }
    limits.add(limit);
    for (int at : limits) {
      if (common.seconds() <= at) {
        common = untilRefused(common, at);
        Choice filled = filled(common.copy(), at);
        Choice.Worth worth = filled.worth();
        if (worth.compareTo(most) > 0) {
          most = worth;
          best = filled;
        }
      }
    }
    return best;
  }

  /** The choice from which on the limit matters. */
  private Choice untilRefused(Choice start, int limit) {
    Choice now = start.copy();
    while (true) {
      int chosen = step(now, limit - now.seconds());
      if (refused || chosen < 0) {
        return now;
      }
      now.set(chosen, now.times(chosen) + 1);
    }
  }

  private Choice filled(Choice now, int limit) {
    while (true) {
      int chosen = step(now, limit - now.seconds());
      if (chosen < 0) {
        return now;
      }
      now.set(chosen, now.times(chosen) + 1);
    }
  }

  /**
   * The drill that helps the least ready piece most for its time; -1 where nothing fits. Notes
   * whether one was refused that does not fit.
   */
  private int step(Choice now, int left) {
    refused = false;
    boolean[] tried = new boolean[table.pieces()];
    for (int i = 0; i < tried.length; i++) {
      int piece = leastDone(now, tried);
      tried[piece] = true;
      int chosen = -1;
      double most = 0;
      for (int drill : table.helpers(piece)) {
        int times = now.times(drill);
        if (times < table.most(drill) && now.mayAdd(drill)) {
          int more = table.seconds(drill, times + 1) - table.seconds(drill, times);
          double gain = table.gain(drill, piece) / (double) Math.max(1, more);
          refused |= more > left;
          if (more <= left && gain > most) {
            chosen = drill;
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

  private int leastDone(Choice now, boolean[] tried) {
    int least = -1;
    int ready = Integer.MAX_VALUE;
    for (int piece = 0; piece < tried.length; piece++) {
      int own = now.ready(piece) + (table.isSection(piece) ? 0 : BEHIND);
      if (!tried[piece] && own < ready) {
        least = piece;
        ready = own;
      }
    }
    return least;
  }
}
