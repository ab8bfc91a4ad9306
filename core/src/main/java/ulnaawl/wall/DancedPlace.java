package ulnaawl.wall;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.music.Count;

/**
 * A place as it is really danced: on which wall, when since the first step, and where it faces in
 * the hall.
 *
 * @param wall number of the wall, from 1
 * @param stretch what is danced there
 * @param place the place
 * @param at the count since the first step of the dance, which is count 1
 * @param wallCount the count of the wall as danced, extras included, 0 for a pick-up before it
 * @param facing on the room clock, after the place
 */
public record DancedPlace(
    int wall, Stretch stretch, Place place, Count at, int wallCount, Facing facing) {

  /** Ticks from the start of its wall, twelve to a count; 0 on the wall's first count. */
  public int tickIn(Wall own) {
    return at.ticks() - (own.startCount() + 1) * Count.TICKS;
  }

  /** All moments of a wall and the tags after it, in order of time. */
  public static List<DancedPlace> of(Wall wall) {
    List<DancedPlace> moments = new ArrayList<>();
    Facing facing = wall.startFacing();
    int danced = wall.startCount();
    for (Stretch stretch : wall.stretches()) {
      for (Place place : stretch.places()) {
        facing = facing.plus(place.turn());
        Count at = place.at().plusCounts(danced - stretch.from());
        moments.add(
            new DancedPlace(
                wall.number(), stretch, place, at, at.number() - wall.startCount(), facing));
      }
      danced += stretch.counts();
    }
    return moments;
  }

  /** All moments of all walls, in order of time. */
  public static List<DancedPlace> of(WallSequence sequence) {
    return sequence.walls().stream().flatMap(wall -> of(wall).stream()).toList();
  }

  /**
   * Where a wall's dancers face when so many counts have been danced since the first step.
   *
   * @param counts not before the wall's start
   */
  static Facing facingAfter(Wall wall, int counts) {
    Facing facing = wall.startFacing();
    for (DancedPlace moment : of(wall)) {
      if (moment.at().number() > counts) {
        break;
      }
      facing = moment.facing();
    }
    return facing;
  }
}
