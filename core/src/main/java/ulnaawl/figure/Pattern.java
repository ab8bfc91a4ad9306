package ulnaawl.figure;

import java.util.List;

/**
 * One way of dancing a figure.
 *
 * @param rhythm how it is usually counted, as step text counts: {@code 1&2}
 * @param steps the elementary steps, one to a place; at least one
 */
public record Pattern(String rhythm, List<FigureStep> steps) {

  public Pattern {
    steps = List.copyOf(steps);
    if (steps.isEmpty()) {
      throw new IllegalArgumentException("A pattern has at least one step");
    }
  }

  public int places() {
    return steps.size();
  }

  Pattern towards(Placement typed) {
    return new Pattern(rhythm, steps.stream().map(step -> step.towards(typed)).toList());
  }

  boolean takesDirection() {
    return steps.stream().anyMatch(FigureStep::fromText);
  }
}
