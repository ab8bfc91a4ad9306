package ulnaawl.play;

import java.util.Optional;
import ulnaawl.floor.Facing;
import ulnaawl.wall.EventId;

/**
 * A section as a track dances it, or a part of one; or a tag, bridge, repeat or ending.
 *
 * @param tick where it begins, in ticks from the first count of the track
 * @param counts its length in whole counts
 * @param firstCount the number of its first count within its section, from 1
 * @param wall number of the wall that it belongs to
 * @param part name of the part that is danced
 * @param section its number; 0 in what is put in
 * @param event the exception that put it in
 * @param startFacing on the room clock
 */
public record Leg(
    int tick,
    int counts,
    int firstCount,
    int wall,
    String part,
    int section,
    Optional<EventId> event,
    Facing startFacing) {}
