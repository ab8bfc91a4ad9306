package ulnaawl.figure;

/**
 * An elementary movement.
 *
 * @param name as the trade says it: {@code step}, {@code touch}
 * @param effect what it does to the weight
 * @param lifted whether the foot ends above the floor
 */
public record Action(String name, WeightEffect effect, boolean lifted) {}
