package ulnaawl.wall;

import ulnaawl.floor.Facing;
import ulnaawl.text.SourceSpan;

/**
 * Something special on a wall, on the room clock.
 *
 * @param kind what it is
 * @param name name of the tag, bridge or ending; the section's number for a repeat; empty for a
 *     restart
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
    Kind kind,
    String name,
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

  /** As the sheet says it: {@code restart after 16}, {@code tag Lull}. */
  public String label() {
    return switch (kind) {
      case RESTART -> "restart after " + after;
      case TAG -> "tag " + name;
      case BRIDGE -> "bridge " + name + " after " + after;
      case REPEAT -> "repeat section " + name;
      case ENDING -> "ending " + name + " after " + after;
    };
  }
}
