package ulnaawl.wall;

import ulnaawl.floor.Facing;
import ulnaawl.text.SourceSpan;

/**
 * An exception on a wall, on the room clock.
 *
 * @param id which exception it is
 * @param after counts of the part that are danced before it
 * @param counts extra counts that it adds; 0 for a restart
 * @param from facing when it begins
 * @param to facing when it ends; the same for a restart
 * @param optional whether only some clubs dance it
 * @param startCount counts danced since the first step when it begins; for a restart, when the next
 *     wall begins
 * @param span the line of the phrasing
 */
public record WallEvent(
    EventId id,
    int after,
    int counts,
    Facing from,
    Facing to,
    boolean optional,
    int startCount,
    SourceSpan span) {

  /** What can happen on a wall. */
  public enum Kind {
    RESTART,
    TAG,
    BRIDGE,
    REPEAT,
    ENDING
  }

  public Kind kind() {
    return id.kind();
  }
}
