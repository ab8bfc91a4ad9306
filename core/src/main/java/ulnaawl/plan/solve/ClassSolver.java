package ulnaawl.plan.solve;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ulnaawl.bound.OncePrices;

/**
 * Finds the class with the most points. {@link ClassPrices} give a bound on every class; they are
 * moved until the bound is low (subgradient steps). Then ways are followed depth first, the most
 * promising ones first, and left where the bound says that they cannot beat the best class so far:
 * what remains is the best, unless the search was cut short; then the gap is said.
 */
public final class ClassSolver {

  private static final int STEPS = 60;
  private static final int PATIENCE = 3;
  private static final int MOST_NODES = 20_000;

  private final Graph graph;
  private final Rules rules;
  private final ClassPrices prices;
  private int best = Integer.MIN_VALUE;
  private List<ClassBlock> found = List.of();
  private int nodes;
  private boolean cut;

  private ClassSolver(List<ClassBlock> blocks, Rules rules) {
    this.rules = rules;
    this.graph = new Graph(blocks, rules);
    int dances = 0;
    for (Family family : graph.families()) {
      for (ClassBlock block : family.blocks()) {
        dances = Math.max(dances, block.dance() + 1);
      }
    }
    this.prices = new ClassPrices(graph, rules, dances);
  }

  /**
   * The best class.
   *
   * @return empty where no class keeps the rules
   */
  public static Optional<Best> solve(List<ClassBlock> blocks, Rules rules) {
    return new ClassSolver(blocks, rules).solve();
  }

  private Optional<Best> solve() {
    double bound = prices.lower(STEPS, PATIENCE, () -> best, this::dive);
    if (bound == OncePrices.NEVER) {
      return Optional.empty();
    }
    follow(0, 0, 0, new BitSet(), new ArrayList<>());
    if (best == Integer.MIN_VALUE) {
      return Optional.empty();
    }
    int gap = cut ? (int) Math.max(0, Math.floor(bound + OncePrices.NEARLY) - best) : 0;
    return Optional.of(new Best(found, best, gap));
  }

  /** One class by always taking the most promising way whose dance is still free. */
  private void dive() {
    int state = 0;
    int points = 0;
    BitSet used = new BitSet();
    List<ClassBlock> taken = new ArrayList<>();
    while (!graph.isOver(graph.hub(state))) {
      Optional<Step> next =
          steps(state, used, OncePrices.NEVER).stream()
              .max(Comparator.comparingDouble(Step::promise));
      if (next.isEmpty()) {
        return;
      }
      taken.add(next.get().block());
      points += next.get().points();
      mark(used, next.get().block(), true);
      state = next.get().to();
    }
    keep(points, taken);
  }

  private static void mark(BitSet used, ClassBlock block, boolean taken) {
    if (block.hasDance()) {
      used.set(block.dance(), taken);
    }
  }

  private void keep(int points, List<ClassBlock> taken) {
    if (points > best) {
      best = points;
      found = List.copyOf(taken);
    }
  }

  /**
   * One block taken.
   *
   * @param points what it is really worth there
   * @param priced the same less its price
   * @param promise the same with the best that can come after it, at these prices
   */
  private record Step(ClassBlock block, int points, double priced, double promise, int to) {}

  /** What may come next and promises enough. */
  private List<Step> steps(int state, BitSet used, double enough) {
    List<Step> steps = new ArrayList<>();
    int hub = graph.hub(state);
    int at = graph.at(hub);
    for (int way = graph.firstWay(hub); way < graph.firstWay(hub + 1); way++) {
      double after = prices.toCome(graph.to(way));
      if (after == OncePrices.NEVER
          || prices.promise(way, at) < enough
          || !graph.leads(state, way)) {
        continue;
      }
      for (ClassBlock block : graph.families().get(graph.family(way)).blocks()) {
        double priced = prices.worth(block, at);
        boolean free = !block.hasDance() || !used.get(block.dance());
        if (free && priced + after >= enough) {
          int points = rules.points(block, at);
          steps.add(new Step(block, points, priced, priced + after, graph.to(way)));
        }
      }
    }
    return steps;
  }

  /** Follows every way that may still beat the best class. */
  private void follow(int state, int points, double sofar, BitSet used, List<ClassBlock> taken) {
    if (graph.isOver(graph.hub(state))) {
      keep(points, taken);
      return;
    }
    if (nodes++ > MOST_NODES) {
      cut = true;
      return;
    }
    List<Step> steps = steps(state, used, enough(sofar));
    steps.sort(Comparator.comparingDouble(Step::promise).reversed());
    for (Step step : steps) {
      if (cut || step.promise() < enough(sofar)) {
        return;
      }
      mark(used, step.block(), true);
      taken.add(step.block());
      follow(step.to(), points + step.points(), sofar + step.priced(), used, taken);
      taken.removeLast();
      mark(used, step.block(), false);
    }
  }

  /** What a way must still promise to come to a point more than the best class. */
  private double enough(double sofar) {
    return best == Integer.MIN_VALUE
        ? OncePrices.NEVER
        : best + 1 - OncePrices.NEARLY - sofar - prices.sum();
  }
}
