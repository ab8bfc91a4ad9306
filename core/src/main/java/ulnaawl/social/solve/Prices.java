package ulnaawl.social.solve;

import java.util.Arrays;
import java.util.List;

/**
 * What the best way through an evening is worth at most, when nobody minds waiting and each dance
 * has a price in place of the rule that it is danced once. With the prices of all dances added it
 * is a bound on every order (Lagrangian relaxation; Held and Karp 1970, from memory).
 */
final class Prices {

  static final double NEVER = Double.NEGATIVE_INFINITY;
  private static final double NEARLY = 1e-6;

  private final Evening evening;
  private final int families;
  private final int lanes;
  private final int[][] pointsAt;
  private final int[][] after;
  private final double[] prices;
  private final double[] toCome;
  private double sum;

  Prices(Evening evening) {
    this.evening = evening;
    this.families = evening.after().size();
    this.lanes = evening.walkIns().size() + 1;
    this.pointsAt = evening.pieces().stream().map(it -> ints(it.pointsAt())).toArray(int[][]::new);
    this.after = evening.after().stream().map(Prices::ints).toArray(int[][]::new);
    this.prices = new double[evening.dances()];
    this.toCome = new double[(evening.to() + 1) * lanes * families];
  }

  private static int[] ints(List<Integer> numbers) {
    return numbers.stream().mapToInt(Integer::intValue).toArray();
  }

  private int state(int at, int had, int family) {
    return (at * lanes + Math.min(had, lanes - 1)) * families + family;
  }

  /** What can come from there on at most, at these prices. */
  double toCome(int at, int had, int family) {
    return at >= evening.to() ? NEVER : toCome[state(at, had, family)];
  }

  /** What a piece is worth where it begins, after one of a family. */
  int points(int piece, int at, int family) {
    return pointsAt[piece][at] + after[family][evening.pieces().get(piece).family()];
  }

  /** The prices of the dances of a piece. */
  double price(int piece) {
    double price = 0;
    for (int dance : evening.pieces().get(piece).dances()) {
      price += prices[dance];
    }
    return price;
  }

  double sum() {
    return sum;
  }

  double[] copy() {
    return prices.clone();
  }

  void set(double[] others) {
    System.arraycopy(others, 0, prices, 0, prices.length);
  }

  /** The bound at these prices; {@link #NEVER} where nothing fits. */
  double bound() {
    sum = Arrays.stream(prices).sum();
    double[] best = new double[families];
    for (int at = evening.to() - 1; at >= evening.from(); at--) {
      for (int had = 0; had < lanes; had++) {
        Arrays.fill(best, NEVER);
        for (int piece = 0; piece < pointsAt.length; piece++) {
          int family = evening.pieces().get(piece).family();
          best[family] = Math.max(best[family], way(piece, at, had));
        }
        for (int family = 0; family < families; family++) {
          double found = NEVER;
          for (int next = 1; next < families; next++) {
            found = Math.max(found, best[next] + after[family][next]);
          }
          toCome[state(at, had, family)] = found;
        }
      }
    }
    double found = toCome(evening.from(), 0, evening.before());
    return found == NEVER ? NEVER : found + sum;
  }

  /** A piece with the best that can come after it; without what speaks against its neighbour. */
  private double way(int piece, int at, int had) {
    Piece one = evening.pieces().get(piece);
    int ends = at + one.grains();
    if (ends > evening.to() || !evening.mayPlay(piece, at, had)) {
      return NEVER;
    }
    int now = had + (one.walkIn() ? 1 : 0);
    double goesOn = toCome(evening.next(at, ends), now, one.family());
    double stops = one.last() + evening.free().applyAsInt(evening.to() - ends);
    return pointsAt[piece][at] - price(piece) + Math.max(goesOn, stops);
  }

  /** How often each dance is danced on the best way at these prices. */
  int[] times() {
    int[] times = new int[prices.length];
    int at = evening.from();
    int had = 0;
    int family = evening.before();
    while (at < evening.to()) {
      double wanted = toCome(at, had, family) - NEARLY;
      int taken = -1;
      for (int piece = 0; piece < pointsAt.length && taken < 0; piece++) {
        int next = evening.pieces().get(piece).family();
        if (way(piece, at, had) + after[family][next] >= wanted) {
          taken = piece;
        }
      }
      if (taken < 0) {
        return times;
      }
      Piece one = evening.pieces().get(taken);
      one.dances().forEach(it -> times[it]++);
      int ends = at + one.grains();
      int now = had + (one.walkIn() ? 1 : 0);
      int next = evening.next(at, ends);
      double stops = one.last() + evening.free().applyAsInt(evening.to() - ends);
      if (stops >= toCome(next, now, one.family())) {
        return times;
      }
      at = next;
      had = now;
      family = one.family();
    }
    return times;
  }

  /** Dances that are danced more than once become dearer, others cheaper. */
  void move(int[] times, double step) {
    for (int dance = 0; dance < prices.length; dance++) {
      prices[dance] = Math.max(0, prices[dance] + step * (times[dance] - 1));
    }
  }

  /** How far the best way is from dancing each dance that has a price once. */
  int off(int[] times) {
    int off = 0;
    for (int dance = 0; dance < prices.length; dance++) {
      if (times[dance] > 1 || (times[dance] == 0 && prices[dance] > 0)) {
        off += (times[dance] - 1) * (times[dance] - 1);
      }
    }
    return off;
  }
}
