package ulnaawl.server.wire;

import ulnaawl.floor.Facing;
import ulnaawl.wall.EventId;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.words.Speech;

/**
 * An exception on a wall.
 *
 * @param event which one
 * @param text as it is said
 * @param at counts of the wall, as danced, before it
 * @param counts extra counts that it adds
 * @param from where it begins
 * @param to where it ends
 */
public record EventView(
    EventId event, String text, int at, int counts, Facing from, Facing to, boolean optional) {

  static EventView of(Wall wall, WallEvent event, Speech speech) {
    return new EventView(
        event.id(),
        speech.walls().event(event.id()),
        event.startCount() - wall.startCount(),
        event.counts(),
        event.from(),
        event.to(),
        event.optional());
  }
}
