package ulnaawl.music;

/** How dancers count against the printed beats per minute. */
public enum CountRate {
  /** One count to two beats. */
  HALF(1, 2, "1/2"),
  /** One count to a beat. */
  FULL(1, 1, "1"),
  /** Two counts to a beat. */
  DOUBLE(2, 1, "2");

  private final int times;
  private final int over;
  private final String label;

  CountRate(int times, int over, String label) {
    this.times = times;
    this.over = over;
    this.label = label;
  }

  /** As it is written in a song line: {@code 1/2}, {@code 1} or {@code 2}. */
  public String label() {
    return label;
  }

  long scale(long value) {
    return value * times / over;
  }

  /** Whether {@code counts} of this rate are whole counts of another. */
  boolean dividesInto(int counts, CountRate other) {
    return counts * over * other.times % (times * other.over) == 0;
  }

  /** How many counts of another rate {@code counts} of this one last, rounded down. */
  int into(int counts, CountRate other) {
    return counts * over * other.times / (times * other.over);
  }
}
