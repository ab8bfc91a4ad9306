package ulnaawl.dance;

import java.util.List;
import ulnaawl.floor.Spot;

/** How the body travels over the floor. */
public final class Travel {

  /** Travel shorter than this many step lengths has no direction. */
  private static final double NOTABLE = 0.5;

  private Travel() {}

  /** How often a figure leads back against the way that was travelled before it. */
  public static int directionChanges(List<Place> places) {
    int changes = 0;
    Spot before = Spot.ORIGIN;
    Spot from = Spot.ORIGIN;
    Spot at = Spot.ORIGIN;
    int run = places.isEmpty() ? 0 : places.getFirst().known().run();
    for (Footwork.After after : Footwork.of(places)) {
      if (after.place().known().run() != run) {
        Spot way = at.minus(from);
        if (way.x() * before.x() + way.y() * before.y() < -NOTABLE) {
          changes++;
        }
        before = way.distance(Spot.ORIGIN) > NOTABLE ? way : before;
        from = at;
        run = after.place().known().run();
      }
      at = after.body();
    }
    return changes;
  }
}
