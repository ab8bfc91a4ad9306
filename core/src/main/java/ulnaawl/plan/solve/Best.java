package ulnaawl.plan.solve;

import java.util.List;

/**
 * The best class that was found.
 *
 * @param blocks in order; together they last as long as the class
 * @param points what it is worth
 * @param gap points by which a better one could differ at most; 0 where this is proven the best
 */
public record Best(List<ClassBlock> blocks, int points, int gap) {
  public Best {
    blocks = List.copyOf(blocks);
  }
}
