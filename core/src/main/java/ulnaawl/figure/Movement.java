package ulnaawl.figure;

/**
 * An elementary movement.
 *
 * @param name as the trade says it: {@code step}, {@code touch}
 * @param effect what it does to the weight
 * @param lifted whether the foot ends above the floor
 * @param withBoth whether both feet do it where no foot is named: a swivel, a jump
 */
public record Movement(String name, WeightEffect effect, boolean lifted, boolean withBoth) {

  /** The book's word for a step that is nothing but a step. */
  static final String STEP = "step";

  /** A step and nothing else: where it goes says it all, its own word may be left out. */
  public boolean isPlainStep() {
    return name.equals(STEP);
  }
}
