package ulnaawl.notation;

import java.util.Optional;
import ulnaawl.floor.Side;

/**
 * A turn as typed.
 *
 * @param eighths its size in eighths, 1 to 12
 * @param side to which side, where it was said
 * @param before whether it stood before the figure: turn, then step
 */
public record TypedTurn(int eighths, Optional<Side> side, boolean before) {

  /** To the other side; one without a side stays so. */
  public TypedTurn otherwise() {
    return new TypedTurn(eighths, side.map(Side::other), before);
  }

  /** To a side. */
  public TypedTurn to(Side other) {
    return new TypedTurn(eighths, Optional.of(other), before);
  }
}
