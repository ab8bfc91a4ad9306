package ulnaawl.wall;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Turn;

/**
 * The directions in which the walls of a song start, on the room clock.
 *
 * @param stops the directions in the order in which they first come
 * @param rotation how a plain wall leads to the next
 * @param breaks walls after which the next one starts elsewhere than a plain wall would lead
 */
public record WallRing(List<Stop> stops, Rotation rotation, List<Integer> breaks) {

  public WallRing {
    stops = List.copyOf(stops);
    breaks = List.copyOf(breaks);
  }

  /** A direction with the numbers of the walls that start in it. */
  public record Stop(Facing facing, List<Integer> walls) {
    public Stop {
      walls = List.copyOf(walls);
    }
  }

  /** How a plain wall turns. */
  public enum Rotation {
    /** Every wall starts alike. */
    NONE,
    /** Front and back in turn. */
    HALF,
    /** A quarter to the right each: 12, 3, 6, 9. */
    CLOCKWISE,
    /** A quarter to the left each: 12, 9, 6, 3. */
    ANTICLOCKWISE,
    /** Parts in a written order, or turns to a corner. */
    OWN;

    static Rotation of(Dance dance) {
      if (dance.isPhrased()) {
        return OWN;
      }
      return switch (dance.turn().net()) {
        case 0 -> NONE;
        case 2 -> CLOCKWISE;
        case 4 -> HALF;
        case 6 -> ANTICLOCKWISE;
        default -> OWN;
      };
    }
  }

  /** The ring of a sequence. */
  public static WallRing of(Dance dance, WallSequence sequence) {
    Map<Facing, List<Integer>> starts = new LinkedHashMap<>();
    List<Integer> breaks = new ArrayList<>();
    Turn plain = dance.main().turn();
    List<Wall> walls = sequence.walls();
    for (int i = 0; i < walls.size(); i++) {
      Wall wall = walls.get(i);
      starts.computeIfAbsent(wall.startFacing(), it -> new ArrayList<>()).add(wall.number());
      boolean breaksRing =
          i + 1 < walls.size()
              && !dance.isPhrased()
              && !wall.startFacing().plus(plain).equals(walls.get(i + 1).startFacing());
      if (breaksRing) {
        breaks.add(wall.number());
      }
    }
    List<Stop> stops =
        starts.entrySet().stream().map(it -> new Stop(it.getKey(), it.getValue())).toList();
    return new WallRing(stops, Rotation.of(dance), breaks);
  }
}
