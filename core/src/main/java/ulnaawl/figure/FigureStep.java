package ulnaawl.figure;

/**
 * One elementary step of a figure.
 *
 * @param mover which foot, seen from the leading foot
 * @param action what it does
 * @param placement where it goes; where {@code fromText} is set, only the default
 * @param fromText whether a direction typed in step text takes the place of {@code placement}
 */
public record FigureStep(Mover mover, Movement action, Placement placement, boolean fromText) {

  /** Which foot moves. */
  public enum Mover {
    LEAD,
    OTHER,
    NONE
  }

  /** Whether the moving foot takes the weight, or a part of it. */
  public boolean takesWeight() {
    return action.effect() != WeightEffect.FREE && action.effect() != WeightEffect.STILL;
  }

  /** This step with the direction that was typed. */
  public FigureStep towards(Placement typed) {
    return fromText ? new FigureStep(mover, action, typed, true) : this;
  }
}
