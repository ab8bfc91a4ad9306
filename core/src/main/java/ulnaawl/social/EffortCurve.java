package ulnaawl.social;

/**
 * The effort that a social wants, 0 to 100: it rises for three fifths of the evening, then falls.
 * Common practice; the numbers are rules of thumb, no source.
 */
final class EffortCurve {

  private static final int BEGIN = 20;
  private static final int TOP = 55;
  private static final int END = 30;

  private EffortCurve() {}

  /** What is wanted some seconds after the beginning of a social that lasts {@code all}. */
  static int at(int seconds, int all) {
    int peak = Math.max(1, all * 3 / 5);
    if (seconds <= peak) {
      return BEGIN + (TOP - BEGIN) * seconds / peak;
    }
    return Math.max(END, TOP - (TOP - END) * (seconds - peak) / Math.max(1, all - peak));
  }
}
