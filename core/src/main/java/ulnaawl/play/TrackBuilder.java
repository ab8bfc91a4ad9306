package ulnaawl.play;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Spot;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.teach.cue.Cues.Timed;

/** Puts legs one behind the other, and dances them on the floor. */
final class TrackBuilder {

  private final Facing start;
  private final List<Leg> legs = new ArrayList<>();
  private final List<List<Timed>> places = new ArrayList<>();
  private int counts;
  private Facing facing;

  TrackBuilder(Facing start) {
    this.start = start;
    this.facing = start;
  }

  /** The leg that comes next; its tick and facing are set here. */
  void add(Leg leg, List<Timed> timed) {
    legs.add(
        new Leg(
            counts * Count.TICKS,
            leg.counts(),
            leg.firstCount(),
            leg.wall(),
            leg.part(),
            leg.section(),
            leg.event(),
            facing));
    int before = counts * Count.TICKS;
    places.add(timed.stream().map(one -> new Timed(before + one.tick(), one.place())).toList());
    facing = facing.plus(Place.turnOf(timed.stream().map(Timed::place).toList()));
    counts += leg.counts();
  }

  Track build(int songStart, List<Track.Announced> announced) {
    Feet feet = Feet.CLOSED.land(new Spot(Feet.CLOSED_WIDTH, 0), start);
    List<Footwork.After> danced =
        Footwork.of(places.stream().flatMap(List::stream).map(Timed::place).toList(), feet, start);
    List<Track.Step> steps = new ArrayList<>();
    for (int leg = 0; leg < places.size(); leg++) {
      for (Timed one : places.get(leg)) {
        steps.add(new Track.Step(one.tick(), leg, one.place(), danced.get(steps.size())));
      }
    }
    Weight weight = steps.isEmpty() ? Weight.BOTH : steps.getFirst().place().before();
    return new Track(songStart, counts, start, feet, weight, legs, steps, announced);
  }
}
