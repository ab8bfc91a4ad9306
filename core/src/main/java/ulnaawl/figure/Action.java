package ulnaawl.figure;

/**
 * An elementary movement.
 *
 * @param name as the figure book writes it: {@code step}, {@code touch}, {@code hold}
 * @param effect what it does to the weight
 */
public record Action(String name, WeightEffect effect) {}
