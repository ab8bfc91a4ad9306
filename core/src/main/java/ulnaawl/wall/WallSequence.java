package ulnaawl.wall;

import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;

/**
 * The walls of a dance in order, on the room clock. Rule (common practice): facing at the start of
 * the next wall = facing at the start of this one + turns of the counts really danced + turns of
 * the tag.
 *
 * @param walls in order; at least one where the dance has steps
 * @param songEnd where the music stops, where its tempo and length are known
 */
public record WallSequence(List<Wall> walls, Optional<SongEnd> songEnd) {

  public WallSequence {
    walls = List.copyOf(walls);
  }

  /** Walks through the song. */
  public static WallSequence of(Dance dance, SequenceRequest request) {
    return new SequenceBuilder(dance, request).build();
  }

  public static WallSequence of(Dance dance) {
    return of(dance, SequenceRequest.of(dance));
  }

  /** The walls that start at {@code facing}, by number. */
  public List<Integer> startingAt(Facing facing) {
    return walls.stream()
        .filter(wall -> wall.startFacing().equals(facing))
        .map(Wall::number)
        .toList();
  }
}
