package ulnaawl.social.solve;

import java.util.List;

/**
 * The best order that was found.
 *
 * @param pieces numbers of the pieces, in order
 * @param points what it is worth
 * @param gap points by which a better one could differ at most; 0 where this is proven the best
 */
public record Order(List<Integer> pieces, int points, int gap) {
  public Order {
    pieces = List.copyOf(pieces);
  }
}
