package ulnaawl.server.wire;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import ulnaawl.wall.EventId;
import ulnaawl.wall.WallEvent;

/**
 * Which exception it is.
 *
 * @param name of the block of a tag, bridge or ending
 * @param section first of a repeat
 * @param last last section of a repeat; the first where it is not said
 * @param after counts of the wall before a restart, bridge or ending
 */
public record EventRef(
    WallEvent.@NotNull Kind kind,
    @Nullable @Size(max = 200) String name,
    @Nullable Integer section,
    @Nullable Integer last,
    @Nullable Integer after) {

  static EventRef of(EventId event) {
    return switch (event) {
      case EventId.Restart it -> new EventRef(it.kind(), null, null, null, it.after());
      case EventId.Tag it -> new EventRef(it.kind(), it.name(), null, null, null);
      case EventId.Bridge it -> new EventRef(it.kind(), it.name(), null, null, it.after());
      case EventId.Repeat it -> new EventRef(it.kind(), null, it.first(), it.last(), null);
      case EventId.Ending it -> new EventRef(it.kind(), it.name(), null, null, it.after());
    };
  }

  /** The exception that it is. */
  public EventId event() {
    return switch (kind) {
      case RESTART -> new EventId.Restart(number(after));
      case TAG -> new EventId.Tag(word(name));
      case BRIDGE -> new EventId.Bridge(word(name), number(after));
      case REPEAT -> new EventId.Repeat(number(section), number(last == null ? section : last));
      case ENDING -> new EventId.Ending(word(name), number(after));
    };
  }

  private static int number(@Nullable Integer number) {
    return number == null ? 0 : number;
  }

  private static String word(@Nullable String word) {
    return word == null ? "" : word;
  }
}
