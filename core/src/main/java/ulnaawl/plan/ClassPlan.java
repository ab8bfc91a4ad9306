package ulnaawl.plan;

import java.util.List;

/**
 * A running order.
 *
 * @param minutes minutes of the class; the lines fill them exactly
 * @param lines in order
 */
public record ClassPlan(int minutes, List<ClassLine> lines) {

  public ClassPlan {
    lines = List.copyOf(lines);
  }
}
