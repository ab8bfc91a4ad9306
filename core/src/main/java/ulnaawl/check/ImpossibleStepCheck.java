package ulnaawl.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Spot;
import ulnaawl.music.Count;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/**
 * Steps that legs cannot make: from behind the other leg to in front of it, or back, without
 * uncrossing. From memory.
 */
final class ImpossibleStepCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    List<Diagnostic> found = new ArrayList<>();
    Dance dance = subject.dance();
    dance.parts().forEach(part -> look(part, found));
    dance.extras().values().forEach(extra -> look(extra, found));
    return found;
  }

  private static void look(Passage passage, List<Diagnostic> found) {
    Feet feet = Feet.CLOSED;
    Facing facing = Facing.FRONT;
    Count last = new Count(0);
    for (Footwork.After after : Footwork.of(passage.places())) {
      Place place = after.place();
      Optional<Foot> foot = place.foot();
      if (foot.isPresent()) {
        boolean quick = place.at().ticks() - last.ticks() < Count.TICKS;
        Optional<String> way = crossing(feet, facing, place, foot.get());
        if (way.isPresent()) {
          found.add(sayCrossing(place, foot.get(), way.get(), quick));
        }
      }
      feet = after.feet();
      facing = after.facing();
      last = place.at();
    }
  }

  private static Optional<String> crossing(Feet feet, Facing facing, Place place, Foot foot) {
    if (!place.turn().isNone()
        || feet.lifted()
        || feet.stance(facing) != Feet.Stance.CROSSED
        || !place.before().frees(foot)) {
      return Optional.empty();
    }
    Spot own = feet.of(foot).minus(feet.of(foot.other())).seenFrom(facing);
    Placement to = place.placement();
    boolean goesFront = to == Placement.CROSS || to == Placement.CROSS_FWD;
    boolean goesBehind = to == Placement.BEHIND || to == Placement.LOCK_BEHIND;
    if (own.y() < 0 && goesFront) {
      return Optional.of("stands crossed behind the other, and cannot cross in front of it");
    }
    if (own.y() > 0 && goesBehind) {
      return Optional.of("stands crossed in front of the other, and cannot go behind it");
    }
    return Optional.empty();
  }

  private static Diagnostic sayCrossing(Place place, Foot foot, String way, boolean quick) {
    String message =
        "On count "
            + place.count().label()
            + " the "
            + foot.word()
            + " foot "
            + way
            + " without a step to the side"
            + (quick ? ", least of all in less than a count." : ".");
    return quick
        ? Diagnostic.of(Code.IMPOSSIBLE_STEP, place.span(), message)
        : Diagnostic.of(Code.AWKWARD_STEP, place.span(), message);
  }
}
