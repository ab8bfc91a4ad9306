package ulnaawl.plan.solve;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import ulnaawl.bound.OncePrices;

/** What the best way through a class is worth when a dance may stand in it more than once. */
final class ClassPrices extends OncePrices {

  private final Graph graph;
  private final Rules rules;

  /** Points of each block of each family at each minute, without prices. */
  private final int[][][] pointsAt;

  /** The best of each family at each minute. */
  private final double[][] bestAt;

  /** What can come after each state at most. */
  private final double[] toCome;

  /** The best of each group of ways, of one hub after the other. */
  private final double[] bestOf;

  ClassPrices(Graph graph, Rules rules, int dances) {
    super(dances);
    this.graph = graph;
    this.rules = rules;
    this.bestAt = new double[graph.families().size()][rules.minutes()];
    this.toCome = new double[graph.hubs() * graph.lasts()];
    this.bestOf = new double[graph.groups()];
    this.pointsAt =
        graph.families().stream()
            .map(it ->
                it.blocks().stream()
                    .map(block ->
                        IntStream.range(0, rules.minutes())
                            .map(at -> rules.points(block, at))
                            .toArray())
                    .toArray(int[][]::new))
            .toArray(int[][][]::new);
  }

  @Override
  public double bound() {
    for (int family = 0; family < bestAt.length; family++) {
      double[] best = bestAt[family];
      Arrays.fill(best, NEVER);
      List<ClassBlock> blocks = graph.families().get(family).blocks();
      for (int i = 0; i < blocks.size(); i++) {
        double price = price(blocks.get(i));
        int[] points = pointsAt[family][i];
        for (int at = 0; at < best.length; at++) {
          best[at] = Math.max(best[at], points[at] - price);
        }
      }
    }
    for (int hub = graph.hubs() - 1; hub >= 0; hub--) {
      come(hub);
    }
    return toCome[0] == NEVER ? NEVER : toCome[0] + sum();
  }

  /** What can come after each state of a hub at most, from the best way of each group. */
  private void come(int hub) {
    int at = graph.at(hub);
    Arrays.fill(bestOf, NEVER);
    int first = 0;
    for (int way = graph.firstWay(hub); way < graph.firstWay(hub + 1); way++) {
      int group = graph.group(way);
      bestOf[group] = Math.max(bestOf[group], promise(way, at));
      first = bestOf[group] > bestOf[first] ? group : first;
    }
    for (int last = 0; last < graph.lasts(); last++) {
      double most = graph.isOver(hub) ? 0 : NEVER;
      if (graph.mayTake(hub, last, first)) {
        most = Math.max(most, bestOf[first]);
      } else {
        for (int group = 0; group < bestOf.length; group++) {
          if (bestOf[group] > most && graph.mayTake(hub, last, group)) {
            most = bestOf[group];
          }
        }
      }
      toCome[graph.state(hub, last)] = most;
    }
  }

  /** Points at a minute, less the price of the dance. */
  double worth(ClassBlock block, int at) {
    return rules.points(block, at) - price(block);
  }

  private double price(ClassBlock block) {
    return block.hasDance() ? price(block.dance()) : 0;
  }

  /** The best that a way and everything after it can be worth at these prices. */
  double promise(int way, int at) {
    return bestAt[graph.family(way)][at] + toCome[graph.to(way)];
  }

  double toCome(int state) {
    return toCome[state];
  }

  @Override
  protected int[] times() {
    int[] times = new int[many()];
    int state = 0;
    while (!graph.isOver(graph.hub(state))) {
      int hub = graph.hub(state);
      int at = graph.at(hub);
      int taken = -1;
      for (int way = graph.firstWay(hub); way < graph.firstWay(hub + 1); way++) {
        boolean better = taken < 0 || promise(way, at) > promise(taken, at);
        taken = better && graph.leads(state, way) ? way : taken;
      }
      ClassBlock best = graph.families().get(graph.family(taken)).blocks().getFirst();
      for (ClassBlock block : graph.families().get(graph.family(taken)).blocks()) {
        best = worth(block, at) > worth(best, at) ? block : best;
      }
      if (best.hasDance()) {
        times[best.dance()]++;
      }
      state = graph.to(taken);
    }
    return times;
  }
}
