package ulnaawl.wall;

import java.util.List;
import java.util.OptionalLong;
import ulnaawl.floor.Facing;

/**
 * One repetition as it is really danced, on the room clock.
 *
 * @param number from 1; a repetition that a restart cuts short counts as a wall
 * @param part name of the part that is danced
 * @param startFacing where it begins
 * @param endFacing where the wall itself ends, before a tag
 * @param startCount counts danced before it, the intro left out
 * @param counts counts danced of it, bridges and repeats included, the tag after it left out
 * @param events what is special, in order of time
 * @param stretches what is danced, in order; the tag after it at the end
 * @param startMillis clock time from the start of the song, where the tempo is known
 */
public record Wall(
    int number,
    String part,
    Facing startFacing,
    Facing endFacing,
    int startCount,
    int counts,
    List<WallEvent> events,
    List<Stretch> stretches,
    OptionalLong startMillis) {

  public Wall {
    events = List.copyOf(events);
    stretches = List.copyOf(stretches);
  }

  /** Counts of the tags after it. */
  public int tagCounts() {
    return events.stream()
        .filter(event -> event.kind() == WallEvent.Kind.TAG)
        .mapToInt(WallEvent::counts)
        .sum();
  }
}
