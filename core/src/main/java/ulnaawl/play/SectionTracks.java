package ulnaawl.play;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.floor.Facing;
import ulnaawl.music.Count;
import ulnaawl.teach.cue.Cues.Timed;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.wall.Wall;

/** Tracks of sections, as a teach gives them: from a wall that begins at the front of the hall. */
final class SectionTracks {

  private final Lesson lesson;

  SectionTracks(Lesson lesson) {
    this.lesson = lesson;
  }

  Track run(int first, int last) {
    Passage part = lesson.part(first);
    return slice(part, lesson.section(first).start(), lesson.section(last).end());
  }

  Track join(int first, int last) {
    Section one = lesson.section(first);
    Section two = lesson.section(last);
    int before = Math.min(Scope.JOIN, one.counts());
    int after = Math.min(Scope.JOIN, two.counts());
    return slice(lesson.part(first), one.end() - before, two.start() + after);
  }

  /** The section with some of its counts danced in the other way. */
  Track option(Scope.Option scope) {
    Section section = lesson.section(scope.section());
    Variation option =
        lesson.dance().variations().stream()
            .filter(it -> it.name().equals(scope.name()) && it.section() == scope.section())
            .findFirst()
            .orElseThrow();
    Stream<Place> before =
        section.places().stream().filter(it -> it.count().number() < option.from());
    Stream<Place> after = section.places().stream().filter(it -> it.count().number() > option.to());
    List<Timed> timed =
        Stream.of(before, option.places().stream(), after)
            .flatMap(it -> it)
            .map(place -> new Timed(place.count().ticks() - Count.TICKS, place))
            .toList();
    Passage part = lesson.part(scope.section());
    TrackBuilder builder = new TrackBuilder(section.startFacing().in(Facing.FRONT));
    builder.add(leg(part, section, 0, section.counts()), timed);
    return builder.build(songStart(part, section.start()), List.of());
  }

  private Track slice(Passage part, int from, int to) {
    TrackBuilder builder = new TrackBuilder(Facing.FRONT.plus(part.turnAfter(from)));
    for (Section section : part.sections()) {
      int begins = Math.max(from, section.start());
      int ends = Math.min(to, section.end());
      if (begins < ends) {
        List<Timed> timed =
            part.between(begins, ends).stream()
                .map(it -> new Timed(it.at().ticks() - (begins + 1) * Count.TICKS, it))
                .toList();
        builder.add(leg(part, section, begins - section.start(), ends - begins), timed);
      }
    }
    return builder.build(songStart(part, from), List.of());
  }

  private Leg leg(Passage part, Section section, int left, int counts) {
    int wall = firstWall(part).map(Wall::number).orElse(1);
    return new Leg(
        0, counts, left + 1, wall, part.name(), section.number(), Optional.empty(), Facing.FRONT);
  }

  private int songStart(Passage part, int counts) {
    return firstWall(part).map(wall -> wall.startCount() + counts).orElse(0);
  }

  private Optional<Wall> firstWall(Passage part) {
    return lesson.walls().walls().stream()
        .filter(wall -> lesson.partOf(wall).equals(part))
        .findFirst();
  }
}
