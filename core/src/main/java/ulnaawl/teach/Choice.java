package ulnaawl.teach;

import java.util.Comparator;

/** How often each drill is danced, and how ready the pieces are then; kept up to date. */
final class Choice {

  private final FitTable table;
  private final int[] repetitions;
  private final int[] exposure;
  private final int[] ready;
  private int seconds;

  private Choice(FitTable table, int[] repetitions, int[] exposure, int[] ready, int seconds) {
    this.table = table;
    this.repetitions = repetitions;
    this.exposure = exposure;
    this.ready = ready;
    this.seconds = seconds;
  }

  /** Nothing but the fewest repetitions. */
  static Choice fewest(FitTable table) {
    int pieces = table.pieces();
    Choice choice = new Choice(table, new int[table.drills()], new int[pieces], new int[pieces], 0);
    for (int piece = 0; piece < pieces; piece++) {
      choice.exposure[piece] = table.before(piece);
      choice.ready[piece] = table.practiceDone(piece, choice.exposure[piece]);
    }
    for (int drill = 0; drill < table.drills(); drill++) {
      choice.set(drill, table.least(drill));
    }
    return choice;
  }

  Choice copy() {
    return new Choice(table, repetitions.clone(), exposure.clone(), ready.clone(), seconds);
  }

  /** Dances a drill so often, 0 to its most. */
  void set(int drill, int times) {
    int more = times - repetitions[drill];
    seconds += table.seconds(drill, times) - table.seconds(drill, repetitions[drill]);
    repetitions[drill] = times;
    if (more != 0) {
      for (int piece : table.helps(drill)) {
        exposure[piece] += more * table.gain(drill, piece);
        ready[piece] = table.practiceDone(piece, exposure[piece]);
      }
    }
  }

  /** Whether a drill may be danced once more: its first time is no more than a rung faster. */
  boolean mayAdd(int drill) {
    return repetitions[drill] > 0 || !table.rises(drill, repetitions);
  }

  /** Whether no drill that can be left out rises by more than a rung. */
  boolean isGradual() {
    for (int drill = 0; drill < repetitions.length; drill++) {
      if (repetitions[drill] > 0 && table.least(drill) == 0 && table.rises(drill, repetitions)) {
        return false;
      }
    }
    return true;
  }

  int times(int drill) {
    return repetitions[drill];
  }

  int[] repetitions() {
    return repetitions.clone();
  }

  int seconds() {
    return seconds;
  }

  /** In thousandths. */
  int ready(int piece) {
    return ready[piece];
  }

  /** How good a choice is; more is better, compared in this order. */
  record Worth(int leastSection, int leastPiece, long sum, int seconds)
      implements Comparable<Worth> {

    private static final Comparator<Worth> ORDER =
        Comparator.comparingInt(Worth::leastSection)
            .thenComparingInt(Worth::leastPiece)
            .thenComparingLong(Worth::sum)
            .thenComparing(Worth::seconds, Comparator.reverseOrder());

    @Override
    public int compareTo(Worth other) {
      return ORDER.compare(this, other);
    }
  }

  Worth worth() {
    int leastSection = Integer.MAX_VALUE;
    int leastPiece = Integer.MAX_VALUE;
    long sum = 0;
    for (int piece = 0; piece < ready.length; piece++) {
      leastPiece = Math.min(leastPiece, ready[piece]);
      leastSection = table.isSection(piece) ? Math.min(leastSection, ready[piece]) : leastSection;
      sum += ready[piece];
    }
    return new Worth(leastSection, leastPiece, sum, seconds);
  }
}
