package ulnaawl.music;

/**
 * A place in musical time, exact: twelve ticks to a count, so that halves ({@code &}), quarters
 * ({@code e}, {@code a}) and thirds fall on whole ticks. Count 1 begins at tick 12; the pick-up
 * before it ({@code &1}) lies between tick 0 and tick 12.
 *
 * @param ticks ticks from one count before count 1; 0 or more
 */
public record Count(int ticks) implements Comparable<Count> {

  /** Ticks in one count. */
  public static final int TICKS = 12;

  public Count {
    if (ticks < 0) {
      throw new IllegalArgumentException("A count has 0 or more ticks, not " + ticks);
    }
  }

  /** The start of whole count {@code number}, 1 or more. */
  public static Count of(int number) {
    return new Count(Math.multiplyExact(number, TICKS));
  }

  /** The whole count that this place belongs to; 0 for a pick-up before count 1. */
  public int number() {
    return ticks / TICKS;
  }

  /** As it is said while one dances: a place between counts without its number. */
  public String spoken() {
    String label = label();
    return isWhole() ? label : label.replaceAll("^\\d+(?=\\D)", "");
  }

  /** Ticks past the whole count, 0 to 11. */
  public int fraction() {
    return ticks % TICKS;
  }

  /** Whether this place lies exactly on a whole count. */
  public boolean isWhole() {
    return fraction() == 0;
  }

  /** This place moved later by {@code more} ticks, which may be negative. */
  public Count plusTicks(int more) {
    return more == 0 ? this : new Count(ticks + more);
  }

  /** This place moved later by whole counts, which may be negative. */
  public Count plusCounts(int counts) {
    return plusTicks(Math.multiplyExact(counts, TICKS));
  }

  @Override
  public int compareTo(Count other) {
    return Integer.compare(ticks, other.ticks);
  }

  /** As the trade writes it: {@code 3}, {@code 3&}, {@code 3e}, {@code 3a}. */
  public String label() {
    return number() + subdivision();
  }

  /** The sign after the number: nothing, {@code &}, {@code e} or {@code a}. */
  public String subdivision() {
    return switch (fraction()) {
      case 0 -> "";
      case 3 -> "e";
      case 6 -> "&";
      case 9 -> "a";
      default -> "+" + fraction() + "/" + TICKS;
    };
  }
}
