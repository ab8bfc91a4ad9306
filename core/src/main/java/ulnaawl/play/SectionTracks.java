package ulnaawl.play;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.floor.Facing;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.wall.Wall;

/** Tracks of sections, as a teach gives them: from a wall that begins at the front of the hall. */
@RequiredArgsConstructor
final class SectionTracks {

  private final Lesson lesson;

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
    Passage part = lesson.part(scope.section());
    Variation option = lesson.option(scope);
    List<Place> danced = new ArrayList<>(part.between(section.start(), section.end()));
    danced.removeIf(
        it -> it.count().number() >= option.from() && it.count().number() <= option.to());
    danced.addAll(option.places());
    danced.sort(Comparator.comparing(Place::count));
    TrackBuilder builder = new TrackBuilder(section.startFacing().in(Facing.FRONT));
    builder.add(wall(part), part, section, section.start(), section.end(), danced);
    return builder.build(songStart(part, section.start()), List.of());
  }

  private Track slice(Passage part, int from, int to) {
    TrackBuilder builder = new TrackBuilder(Facing.FRONT.plus(part.turnAfter(from)));
    for (Section section : part.sections()) {
      int begins = Math.max(from, section.start());
      int ends = Math.min(to, section.end());
      if (begins < ends) {
        builder.add(wall(part), part, section, begins, ends);
      }
    }
    return builder.build(songStart(part, from), List.of());
  }

  private int wall(Passage part) {
    return firstWall(part).map(Wall::number).orElse(1);
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
