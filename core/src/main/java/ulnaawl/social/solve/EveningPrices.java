package ulnaawl.social.solve;

import java.util.Arrays;
import java.util.List;
import ulnaawl.bound.OncePrices;

/**
 * What the best way through an evening is worth when nobody minds waiting, and a dance may be
 * danced more than once.
 */
final class EveningPrices extends OncePrices {

  private final Evening evening;
  private final int families;
  private final int lanes;
  private final int[][] pointsAt;
  private final int[][] after;
  private final double[] toCome;

  EveningPrices(Evening evening) {
    super(evening.dances());
    this.evening = evening;
    this.families = evening.after().size();
    this.lanes = evening.walkIns().size() + 1;
    this.pointsAt = evening.pieces().stream().map(it -> ints(it.pointsAt())).toArray(int[][]::new);
    this.after = evening.after().stream().map(EveningPrices::ints).toArray(int[][]::new);
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
  double priceOf(int piece) {
    double price = 0;
    for (int dance : evening.pieces().get(piece).dances()) {
      price += price(dance);
    }
    return price;
  }

  @Override
  public double bound() {
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
    return found == NEVER ? NEVER : found + sum();
  }

  /** A piece with the best that can come after it; without what speaks against its neighbour. */
  private double way(int piece, int at, int had) {
    Playable one = evening.pieces().get(piece);
    int ends = at + one.grains();
    if (ends > evening.to() || !evening.mayPlay(piece, at, had)) {
      return NEVER;
    }
    int now = had + (one.walkIn() ? 1 : 0);
    double goesOn = toCome(evening.next(at, ends), now, one.family());
    double stops = one.last() + evening.free().applyAsInt(evening.to() - ends);
    return pointsAt[piece][at] - priceOf(piece) + Math.max(goesOn, stops);
  }

  @Override
  protected int[] times() {
    int[] times = new int[many()];
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
      Playable one = evening.pieces().get(taken);
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
}
