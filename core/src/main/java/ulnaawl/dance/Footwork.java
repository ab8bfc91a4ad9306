package ulnaawl.dance;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Spot;

/** Dances places on the floor: where each foot stands after each of them. */
public final class Footwork {

  private static final Spot CROSSED = new Spot(-0.3, 0.3);
  private static final Spot WIDE = new Spot(1, 0);
  private static final Spot TOGETHER = new Spot(Feet.CLOSED_WIDTH, 0);

  /** How far a crossing foot goes in front or behind. */
  private static final double CROSSING = 0.3;

  /** Feet that overlap less than this are locked, not crossed. */
  private static final double LOCKED = -0.2;

  private static final Spot SCOOT = new Spot(0, 0.5);

  private Footwork() {}

  /**
   * The feet after a place.
   *
   * @param feet where they are
   * @param facing where the body points
   */
  public record After(Place place, Feet feet, Facing facing) {

    /** Where the body is. */
    public Spot body() {
      return feet.body(place.after());
    }

    public Feet.Stance stance() {
      return feet.stance(facing);
    }
  }

  /** From closed feet at the origin, facing 12; as many entries as places. */
  public static List<After> of(List<Place> places) {
    return of(places, Feet.CLOSED, Facing.FRONT);
  }

  /** From given feet and a given facing; as many entries as places. */
  public static List<After> of(List<Place> places, Feet start, Facing facing) {
    List<After> danced = new ArrayList<>(places.size());
    Feet feet = start;
    Facing now = facing;
    for (Place place : places) {
      Facing turned = now.plus(place.turn());
      feet = after(feet, place, place.turnsFirst() ? turned : now);
      boolean turnsAfter = !place.turn().isNone() && !place.turnsFirst();
      if (turnsAfter && feet.stance(now) == Feet.Stance.CLOSED) {
        feet = turnedClosed(feet, place, turned);
      }
      now = turned;
      danced.add(new After(place, feet, now));
    }
    return danced;
  }

  /** Closed feet turn together: the free one keeps beside the one that carries the body. */
  private static Feet turnedClosed(Feet feet, Place place, Facing facing) {
    return place
        .after()
        .freeFoot()
        .map(free -> feet.place(free, TOGETHER, facing, feet.lifted()))
        .orElseGet(() -> feet.land(TOGETHER, facing));
  }

  private static Feet after(Feet feet, Place place, Facing facing) {
    return switch (place.action().effect()) {
      case LANDS -> feet.land(landing(place.placement()), facing);
      case HOPS -> place.placement() == Placement.FWD ? feet.moved(SCOOT.turned(facing)) : feet;
      case STILL, SETTLES, SHIFTS -> feet;
      case TAKES, FREE ->
          place.foot().isPresent() ? step(feet, place.foot().get(), place, facing) : feet;
    };
  }

  private static Feet step(Feet feet, Foot foot, Place place, Facing facing) {
    boolean lifted = place.action().lifted();
    boolean beside = feet.distance() < Feet.CLOSED_WIDTH + 0.01 && !place.turn().isNone();
    boolean stays = place.placement() == Placement.IN_PLACE && !beside;
    if (stays && (lifted || !feet.lifted())) {
      // A lifted knee hangs where the foot was; what stands already stays there.
      return lifted ? feet.place(foot, TOGETHER, facing, true) : feet;
    }
    return feet.place(foot, offset(feet, foot, place.placement(), facing), facing, lifted);
  }

  /**
   * From crossed feet a side step keeps to the line that the free foot stands on, a step forward or
   * back only uncrosses; out of a lock it is a whole step on the foot's own line.
   */
  private static Spot offset(Feet feet, Foot foot, Placement placement, Facing facing) {
    Spot usual = placement.offset(feet);
    if (feet.stance(facing) != Feet.Stance.CROSSED) {
      return usual;
    }
    Spot own = feet.of(foot).minus(feet.of(foot.other())).seenFrom(facing);
    double aside = own.x() * foot.side().sign();
    return switch (placement) {
      case SIDE -> new Spot(usual.x(), Math.clamp(own.y(), -CROSSING, CROSSING));
      case FWD, BACK ->
          aside > LOCKED
              ? new Spot(aside, usual.y())
              : new Spot(usual.x(), Math.clamp(usual.y(), -CROSSING, CROSSING));
      default -> usual;
    };
  }

  private static Spot landing(Placement placement) {
    return switch (placement) {
      case OUT -> WIDE;
      case CROSS -> CROSSED;
      default -> TOGETHER;
    };
  }
}
