package ulnaawl.wall;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Spot;

/**
 * The floor that one dancer needs over all walls really danced, in step lengths from where the
 * dance begins; x to the right of the hall and y to its front.
 *
 * @param left the furthest that a foot goes to the left, 0 or less
 * @param right the furthest to the right, 0 or more
 * @param back the furthest to the back, 0 or less
 * @param front the furthest to the front, 0 or more
 * @param drift how far a whole first wall leads away from its start
 * @param path where the body is at the start of each wall, and at the end of the last
 */
public record FloorUse(
    double left, double right, double back, double front, Spot drift, List<Spot> path) {

  public FloorUse {
    path = List.copyOf(path);
  }

  public double width() {
    return right - left;
  }

  public double depth() {
    return front - back;
  }

  /** Dances through the walls. */
  public static FloorUse of(WallSequence sequence) {
    double left = 0;
    double right = 0;
    double back = 0;
    double front = 0;
    Feet feet = Feet.CLOSED;
    Facing facing = Facing.FRONT;
    List<Spot> path = new ArrayList<>();
    for (Wall wall : sequence.walls()) {
      path.add(middle(feet));
      List<Place> places =
          wall.stretches().stream().flatMap(stretch -> stretch.places().stream()).toList();
      for (Footwork.After after : Footwork.of(places, feet, facing)) {
        feet = after.feet();
        facing = after.facing();
        for (Foot foot : Foot.values()) {
          Spot spot = feet.of(foot);
          left = Math.min(left, spot.x());
          right = Math.max(right, spot.x());
          back = Math.min(back, spot.y());
          front = Math.max(front, spot.y());
        }
      }
    }
    path.add(middle(feet));
    Spot drift = path.size() > 1 ? path.get(1) : Spot.ORIGIN;
    return new FloorUse(left, right, back, front, drift, path);
  }

  private static Spot middle(Feet feet) {
    return feet.left().middle(feet.right());
  }

  /**
   * How many dancers a hall holds when they stand in lines and all dance the same: the spacing
   * keeps neighbours apart, the outermost dancers need room for the whole floor use.
   *
   * @param hall the floor and how people stand on it
   */
  public HallFit fit(Hall hall) {
    int width = hall.widthCentimetres() - centimetres(width(), hall);
    int depth = hall.depthCentimetres() - centimetres(depth(), hall);
    int across = width < 0 ? 0 : 1 + width / hall.asideCentimetres();
    int lines = depth < 0 ? 0 : 1 + depth / hall.behindCentimetres();
    return new HallFit(across == 0 ? 0 : lines, lines == 0 ? 0 : across);
  }

  private static int centimetres(double steps, Hall hall) {
    return (int) Math.ceil(steps * hall.stepCentimetres());
  }

  /**
   * A hall's floor and how people stand on it; all in centimetres, 1 or more.
   *
   * @param widthCentimetres from side to side
   * @param depthCentimetres from front to back
   * @param asideCentimetres from dancer to dancer in a line
   * @param behindCentimetres from line to line
   * @param stepCentimetres length of a step
   */
  public record Hall(
      int widthCentimetres,
      int depthCentimetres,
      int asideCentimetres,
      int behindCentimetres,
      int stepCentimetres) {

    /** A step of half a metre and a good metre between people: rule of thumb, no source. */
    public static Hall of(int widthCentimetres, int depthCentimetres) {
      return new Hall(widthCentimetres, depthCentimetres, 110, 120, 50);
    }

    public Hall {
      if (widthCentimetres < 1
          || depthCentimetres < 1
          || asideCentimetres < 1
          || behindCentimetres < 1
          || stepCentimetres < 1) {
        throw new IllegalArgumentException("A hall and its spacings have 1 centimetre or more");
      }
    }
  }

  /**
   * Lines that fit, and dancers in each.
   *
   * @param lines 0 where not even one dancer fits
   * @param dancersInLine 0 where not even one dancer fits
   */
  public record HallFit(int lines, int dancersInLine) {

    public int dancers() {
      return lines * dancersInLine;
    }
  }
}
