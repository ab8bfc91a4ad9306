package ulnaawl.notation;

import java.util.List;
import java.util.Optional;
import ulnaawl.figure.Figure;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.text.SourceSpan;

/**
 * One figure on a step line.
 *
 * @param figure the figure that is meant
 * @param feet leading feet as typed; empty for the free foot
 * @param direction typed direction
 * @param travel typed travel ({@code to R})
 * @param turn typed turn
 * @param times how often the item is danced, 1 or more
 * @param both whether the last step leaves the weight on both feet
 * @param note what stood in brackets; may be empty
 * @param span the whole item
 */
public record Item(
    Figure figure,
    List<Stated<Foot>> feet,
    Optional<Placement> direction,
    Optional<Stated<Side>> travel,
    Optional<Stated<TypedTurn>> turn,
    int times,
    boolean both,
    String note,
    SourceSpan span) {

  public Item {
    feet = List.copyOf(feet);
  }
}
