package ulnaawl.music;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A speed, exact to a thousandth of a beat per minute.
 *
 * @param milliBpm thousandths of a beat (or count) per minute; see {@link #MIN_MILLI} and {@link
 *     #MAX_MILLI}
 */
public record Tempo(int milliBpm) implements Comparable<Tempo> {

  /** The slowest tempo that is understood: 20 a minute. */
  public static final int MIN_MILLI = 20_000;

  /** The fastest tempo that is understood: 400 a minute. */
  public static final int MAX_MILLI = 400_000;

  private static final long MILLIS_TIMES_MILLI = 60_000L * 1000L;

  public Tempo {
    if (milliBpm < MIN_MILLI || milliBpm > MAX_MILLI) {
      throw new IllegalArgumentException(
          "A tempo lies between 20 and 400 a minute, not at " + milliBpm / 1000.0);
    }
  }

  /** A tempo of whole beats a minute, 20 to 400. */
  public static Tempo ofBpm(int bpm) {
    return new Tempo(Math.multiplyExact(bpm, 1000));
  }

  /** Whether {@code bpm} lies in the range that is understood. */
  public static boolean understands(BigDecimal bpm) {
    BigDecimal milli = bpm.movePointRight(3);
    return milli.compareTo(BigDecimal.valueOf(MIN_MILLI)) >= 0
        && milli.compareTo(BigDecimal.valueOf(MAX_MILLI)) <= 0;
  }

  /** A tempo from a decimal number of beats a minute, rounded to a thousandth. */
  public static Tempo of(BigDecimal bpm) {
    return new Tempo(bpm.movePointRight(3).setScale(0, RoundingMode.HALF_UP).intValueExact());
  }

  /** How long {@code counts} last at this speed, in milliseconds, rounded to the nearest. */
  public long millisOf(long counts) {
    return (counts * MILLIS_TIMES_MILLI + milliBpm / 2) / milliBpm;
  }

  /** How many whole counts fit into {@code millis} milliseconds. */
  public long countsIn(long millis) {
    return millis * milliBpm / MILLIS_TIMES_MILLI;
  }

  /** The whole counts that are nearest to {@code millis} milliseconds. */
  public long nearestCounts(long millis) {
    return (millis * milliBpm + MILLIS_TIMES_MILLI / 2) / MILLIS_TIMES_MILLI;
  }

  /** This speed at a share of itself, {@code percent} of 100; kept inside the understood range. */
  public Tempo atPercent(int percent) {
    long scaled = (long) milliBpm * percent / 100;
    return new Tempo(Math.clamp(scaled, MIN_MILLI, MAX_MILLI));
  }

  /** This speed counted at {@code rate}; kept inside the understood range. */
  public Tempo counted(CountRate rate) {
    return new Tempo(Math.clamp(rate.scale(milliBpm), MIN_MILLI, MAX_MILLI));
  }

  /** Without needless zeros: {@code 112} or {@code 112.5}. */
  public String label() {
    return BigDecimal.valueOf(milliBpm, 3).stripTrailingZeros().toPlainString();
  }

  @Override
  public int compareTo(Tempo other) {
    return Integer.compare(milliBpm, other.milliBpm);
  }
}
