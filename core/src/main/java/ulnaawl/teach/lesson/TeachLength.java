package ulnaawl.teach.lesson;

/**
 * How many minutes to set aside for a dance in a live class, before its teach is laid out. Measured
 * pace of teaching, common practice, no source: a full teach takes 15 seconds for a count of dance,
 * a reminder walk-through 8; a live class half as long again.
 */
public final class TeachLength {

  private static final int FULL_SECONDS_PER_COUNT = 15;
  private static final int REMINDER_SECONDS_PER_COUNT = 8;

  private TeachLength() {}

  /** Minutes to teach so many counts for the first time, rounded up. */
  public static int fullMinutes(int counts) {
    return minutes(counts * FULL_SECONDS_PER_COUNT);
  }

  /** Minutes to walk through so many counts again, rounded up. */
  public static int reminderMinutes(int counts) {
    return minutes(counts * REMINDER_SECONDS_PER_COUNT);
  }

  private static int minutes(int seconds) {
    int live = seconds * TeachPace.LIVE.classPercent() / 100;
    return Math.max(1, (live + 59) / 60);
  }
}
