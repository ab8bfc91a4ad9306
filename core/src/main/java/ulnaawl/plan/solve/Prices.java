package ulnaawl.plan.solve;

import java.util.Arrays;

/**
 * What the best way through a class is worth when each dance has a price in place of the rule that
 * it stands once. With the prices of all dances added it is a bound on every class (Lagrangian
 * relaxation; Held and Karp 1970, from memory).
 */
final class Prices {

  static final double NEVER = Double.NEGATIVE_INFINITY;

  private final Graph graph;
  private final Rules rules;
  private final double[] prices;

  /** The best of each family at each minute. */
  private final double[][] bestAt;

  /** What can come after each state at most. */
  private final double[] toCome;

  private double sum;

  Prices(Graph graph, Rules rules, int dances) {
    this.graph = graph;
    this.rules = rules;
    this.prices = new double[dances];
    this.bestAt = new double[graph.families().size()][rules.minutes()];
    this.toCome = new double[graph.states()];
  }

  double[] copy() {
    return prices.clone();
  }

  void set(double[] others) {
    System.arraycopy(others, 0, prices, 0, prices.length);
  }

  /** The bound at these prices; {@link #NEVER} where no class keeps the rules. */
  double bound() {
    sum = Arrays.stream(prices).sum();
    for (int family = 0; family < bestAt.length; family++) {
      Family own = graph.families().get(family);
      for (int at = 0; at < rules.minutes(); at++) {
        double most = NEVER;
        for (Block block : own.blocks()) {
          most = Math.max(most, worth(block, at));
        }
        bestAt[family][at] = most;
      }
    }
    for (int state = graph.states() - 1; state >= 0; state--) {
      double most = graph.isOver(state) ? 0 : NEVER;
      int at = graph.at(state);
      for (int way = graph.firstWay(state); way < graph.firstWay(state + 1); way++) {
        most = Math.max(most, bestAt[graph.family(way)][at] + toCome[graph.to(way)]);
      }
      toCome[state] = most;
    }
    return toCome[0] == NEVER ? NEVER : toCome[0] + sum;
  }

  /** Points at a minute, less the price of the dance. */
  double worth(Block block, int at) {
    return rules.points(block, at) - (block.hasDance() ? prices[block.dance()] : 0);
  }

  /** The best that a way and everything after it can be worth at these prices. */
  double promise(int way, int at) {
    return bestAt[graph.family(way)][at] + toCome[graph.to(way)];
  }

  double toCome(int state) {
    return toCome[state];
  }

  /** The prices of all dances together. */
  double sum() {
    return sum;
  }

  /** How often the best way at these prices takes each dance. */
  int[] times() {
    int[] times = new int[prices.length];
    int state = 0;
    while (!graph.isOver(state)) {
      int at = graph.at(state);
      int taken = graph.firstWay(state);
      for (int way = taken; way < graph.firstWay(state + 1); way++) {
        taken = promise(way, at) > promise(taken, at) ? way : taken;
      }
      Block best = graph.families().get(graph.family(taken)).blocks().getFirst();
      for (Block block : graph.families().get(graph.family(taken)).blocks()) {
        best = worth(block, at) > worth(best, at) ? block : best;
      }
      if (best.hasDance()) {
        times[best.dance()]++;
      }
      state = graph.to(taken);
    }
    return times;
  }

  /** Dearer what is taken more than once, cheaper what is not taken. */
  void move(int[] times, double step) {
    for (int dance = 0; dance < prices.length; dance++) {
      prices[dance] = Math.max(0, prices[dance] + step * (times[dance] - 1));
    }
  }

  /** How far the best way is from taking each dance once, squared; 0 where it is the best class. */
  int off(int[] times) {
    int off = 0;
    for (int dance = 0; dance < prices.length; dance++) {
      boolean moves = times[dance] > 1 || (times[dance] == 0 && prices[dance] > 0);
      off += moves ? (times[dance] - 1) * (times[dance] - 1) : 0;
    }
    return off;
  }
}
