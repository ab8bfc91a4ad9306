package ulnaawl.plan;

import java.util.List;

/**
 * A running order.
 *
 * @param minutes minutes of the class; the lines fill them exactly
 * @param lines in order
 * @param points what it is worth by the table of weights
 * @param gap points by which a better one could differ at most; 0 where none is better
 */
public record ClassPlan(int minutes, List<ClassLine> lines, int points, int gap) {

  public ClassPlan {
    lines = List.copyOf(lines);
  }
}
