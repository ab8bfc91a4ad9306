package ulnaawl.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Spot;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.teach.cue.Cues.Timed;
import ulnaawl.wall.DancedSection;
import ulnaawl.wall.Wall;

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

  /**
   * Some counts of a section as it is written.
   *
   * @param wall number of the wall that they belong to
   * @param from counts of the part before them
   * @param to counts of the part up to their end
   */
  void add(int wall, Passage part, Section section, int from, int to) {
    add(wall, part, section, from, to, part.between(from, to));
  }

  /** The same with other places in them. */
  void add(int wall, Passage part, Section section, int from, int to, List<Place> danced) {
    Leg leg =
        new Leg(
            counts * Count.TICKS,
            to - from,
            from - section.start() + 1,
            wall,
            part.name(),
            section.number(),
            Optional.empty(),
            facing);
    add(leg, danced.stream().map(it -> timed(it.at(), it, from)).toList());
  }

  /**
   * Some counts of a section as a wall dances it.
   *
   * @param skipped counts of it that are left out at its start
   * @param most counts of it that are danced
   */
  void add(Wall wall, DancedSection section, int skipped, int most) {
    Leg leg =
        new Leg(
            counts * Count.TICKS,
            most,
            skipped + 1,
            wall.number(),
            wall.part(),
            section.section(),
            section.event(),
            facing);
    int from = wall.startCount() + section.start() + skipped;
    List<Timed> timed =
        section.figures().stream()
            .flatMap(figure -> figure.moments().stream())
            .filter(it -> skipped == 0 || it.at().number() > from)
            .filter(it -> it.at().number() <= from + most)
            .map(it -> timed(it.at(), it.place(), from))
            .toList();
    add(leg, timed);
  }

  /** A place at its tick of the track; {@code from} counts of what it is counted in lie before. */
  private Timed timed(Count at, Place place, int from) {
    return new Timed(at.ticks() + (counts - from - 1) * Count.TICKS, place);
  }

  private void add(Leg leg, List<Timed> timed) {
    legs.add(leg);
    places.add(timed);
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
