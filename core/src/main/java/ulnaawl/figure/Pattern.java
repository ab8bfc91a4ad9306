package ulnaawl.figure;

import java.util.List;

/**
 * One way of dancing a figure.
 *
 * @param rhythms how it is counted, as step text counts, the usual one first: {@code 1&2}; at least
 *     one
 * @param steps the elementary steps, one to a place; at least one
 */
public record Pattern(List<String> rhythms, List<FigureStep> steps) {

  public Pattern {
    rhythms = List.copyOf(rhythms);
    steps = List.copyOf(steps);
    if (steps.isEmpty() || rhythms.isEmpty()) {
      throw new IllegalArgumentException("A pattern has at least one step and one rhythm");
    }
  }

  /** The usual rhythm. */
  public String rhythm() {
    return rhythms.getFirst();
  }

  public int places() {
    return steps.size();
  }

  Pattern towards(Placement typed) {
    return !takesDirection()
        ? this
        : new Pattern(rhythms, steps.stream().map(step -> step.towards(typed)).toList());
  }

  boolean takesDirection() {
    for (FigureStep step : steps) {
      if (step.fromText()) {
        return true;
      }
    }
    return false;
  }
}
