package ulnaawl.server.wire;

import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.floor.Facing;
import ulnaawl.wall.Wall;
import ulnaawl.words.Speech;

/**
 * A wall as it is danced.
 *
 * @param startCount counts danced before it, the intro left out
 * @param counts without the tags after it
 * @param tagCounts counts of the tags after it
 * @param startMillis clock time from the start of the song, where the tempo is known
 */
public record WallView(
    int number,
    String part,
    Facing startFacing,
    Facing endFacing,
    int startCount,
    int counts,
    int tagCounts,
    @Nullable Long startMillis,
    List<EventView> events) {

  /** The shape of a wall. */
  public static WallView of(Wall wall, Speech speech) {
    return new WallView(
        wall.number(),
        wall.part(),
        wall.startFacing(),
        wall.endFacing(),
        wall.startCount(),
        wall.counts(),
        wall.tagCounts(),
        wall.startMillis().isPresent() ? Long.valueOf(wall.startMillis().getAsLong()) : null,
        wall.events().stream().map(event -> EventView.of(wall, event, speech)).toList());
  }
}
