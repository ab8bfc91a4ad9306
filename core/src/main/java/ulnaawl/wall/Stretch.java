package ulnaawl.wall;

import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Place;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.text.SourceSpan;

/**
 * Places that are danced in one go: counts of a part, or a whole tag, bridge or ending.
 *
 * @param wall number of the wall that it belongs to; that before it for a tag
 * @param event the exception that put it in; empty for counts of the wall itself
 * @param counts its length in whole counts
 * @param startWeight the weight that it is written for
 * @param endWeight the weight it leaves
 * @param places in order of time
 * @param from counts of its passage before it
 * @param cause the line of text that put it here
 */
public record Stretch(
    int wall,
    Optional<EventId> event,
    int counts,
    Weight startWeight,
    Weight endWeight,
    List<Place> places,
    int from,
    SourceSpan cause) {

  public Stretch {
    places = List.copyOf(places);
  }

  public Turn turn() {
    return Place.turnOf(places);
  }
}
