package ulnaawl.bound;

import java.util.Arrays;
import java.util.function.IntSupplier;

/**
 * Prices in place of the rule that each thing is taken once. Without that rule the best way is
 * easily found; with the prices of all things added, what it is worth is a bound on every way that
 * keeps the rule (Lagrangian relaxation; Held and Karp 1970, from memory).
 */
public abstract class OncePrices {

  /** There is no way at all. */
  public static final double NEVER = Double.NEGATIVE_INFINITY;

  /** What is lost in sums of fractions. */
  public static final double NEARLY = 1e-6;

  private final double[] prices;
  private double sum;

  /**
   * All things are free at first.
   *
   * @param many how many things there are; they have numbers from 0
   */
  protected OncePrices(int many) {
    this.prices = new double[many];
  }

  /** The bound at these prices; {@link #NEVER} where there is no way. */
  public abstract double bound();

  /** How often the best way at these prices takes each thing; the bound was asked for before. */
  protected abstract int[] times();

  /** The price of a thing. */
  public final double price(int thing) {
    return prices[thing];
  }

  /** The prices of all things together. */
  public final double sum() {
    return sum;
  }

  /** How many things there are. */
  protected final int many() {
    return prices.length;
  }

  /**
   * Finds prices that bring the bound down (subgradient steps), and keeps the best ones.
   *
   * @param patience so many steps without a lower bound, and the steps are made half as long
   * @param best what the best way is worth that keeps the rule and is known so far
   * @param look looks for a better one at the prices of each step
   * @return the bound at the prices that are kept; {@link #NEVER} where there is no way
   */
  public final double lower(int steps, int patience, IntSupplier best, Runnable look) {
    double lowest = Double.POSITIVE_INFINITY;
    double[] kept = prices.clone();
    double pace = 1;
    int waited = 0;
    for (int step = 0; step < steps; step++) {
      double bound = bound();
      if (bound == NEVER) {
        return bound;
      }
      if (bound < lowest - NEARLY) {
        lowest = bound;
        kept = prices.clone();
        waited = 0;
      } else if (++waited == patience) {
        waited = 0;
        pace /= 2;
        set(kept);
        bound();
      }
      look.run();
      int[] times = times();
      int off = off(times);
      if (off == 0 || lowest < best.getAsInt() + 1 - NEARLY) {
        break;
      }
      move(times, pace * Math.max(1, lowest - best.getAsInt()) / off);
    }
    set(kept);
    return bound();
  }

  private void set(double[] others) {
    System.arraycopy(others, 0, prices, 0, prices.length);
    sum = Arrays.stream(prices).sum();
  }

  /** Dearer what is taken more than once, cheaper what is not taken. */
  private void move(int[] times, double step) {
    for (int thing = 0; thing < prices.length; thing++) {
      prices[thing] = Math.max(0, prices[thing] + step * (times[thing] - 1));
    }
    sum = Arrays.stream(prices).sum();
  }

  /** How far the best way is from taking each thing once, squared; 0 where the rule is kept. */
  private int off(int[] times) {
    int off = 0;
    for (int thing = 0; thing < prices.length; thing++) {
      boolean moves = times[thing] > 1 || (times[thing] == 0 && prices[thing] > 0);
      off += moves ? (times[thing] - 1) * (times[thing] - 1) : 0;
    }
    return off;
  }
}
