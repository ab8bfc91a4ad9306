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
public record TypedTurn(int eighths, Optional<Side> side, boolean before) {}
