package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Turn;
import ulnaawl.music.Song;
import ulnaawl.notation.Stated;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;

/** Drills of walls, of what lies between two of them, of exceptions and of the song. */
final class WallDrafts {

  private final Lesson lesson;
  private final TeachPace pace;

  WallDrafts(Lesson lesson) {
    this.lesson = lesson;
    this.pace = lesson.learner().pace();
  }

  /** From where the class faces in the first wall that goes on so. */
  Draft link(Mode mode, Scope.Link scope) {
    Section last = lesson.section(scope.last());
    Section first = lesson.section(scope.first());
    Passage part = lesson.part(scope.last());
    Passage next = lesson.part(scope.first());
    int before = Math.min(Scope.RUN_IN, last.counts());
    int after = Math.min(Scope.RUN_IN, first.counts());
    Facing top = lesson.firstInto(part, next).startFacing();
    Facing start = top.plus(part.turnAfter(last.end() - before));
    Facing on = top.plus(part.turn());
    List<Say> say = new ArrayList<>();
    say.add(new Say.Standing(part.weightAfter(last.end() - before), start));
    say.add(new Say.EndAndOn(last.number(), start, first.number(), on));
    if (!part.equals(next)) {
      say.add(new Say.Order(lesson.order()));
    }
    say.add(
        new Say.ThenStraightOn(
            DancedFigure.calls(part.between(last.end() - before, last.end())),
            DancedFigure.calls(next.between(0, after))));
    return new Draft(before + after, pace.talk(mode), start, on.plus(next.turnAfter(after)), say);
  }

  Draft walls(Scope.Walls scope) {
    List<Wall> own = lesson.walls().walls().subList(scope.from() - 1, scope.to());
    Facing start = own.getFirst().startFacing();
    Facing end = endOf(own.getLast());
    List<Say> say = new ArrayList<>();
    say.add(new Say.Walls(scope.from(), scope.to(), start));
    if (lesson.dance().isPhrased()) {
      say.add(new Say.Order(own.stream().map(Wall::part).toList()));
    }
    own.forEach(wall -> wall.events().forEach(it -> say.add(comesOn(wall, it))));
    say.add(new Say.EndsFacing(end));
    return new Draft(counts(own), pace.drillTalk(), start, end, say);
  }

  private static Say comesOn(Wall wall, WallEvent event) {
    return new Say.ComesOn(wall.number(), event.id());
  }

  private static int counts(List<Wall> walls) {
    return walls.stream().mapToInt(wall -> wall.counts() + wall.tagCounts()).sum();
  }

  private static Facing endOf(Wall wall) {
    Turn turn = wall.stretches().stream().map(it -> it.turn()).reduce(Turn.NONE, Turn::plus);
    return wall.startFacing().plus(turn);
  }

  Draft song() {
    List<Wall> own = lesson.song().walls();
    List<Say> say = new ArrayList<>();
    say.add(new Say.WholeSong(own.size()));
    if (lesson.dance().isPhrased()) {
      say.add(new Say.Order(lesson.order()));
    }
    own.forEach(wall -> wall.events().forEach(it -> say.add(comesOn(wall, it))));
    OptionalLong millis =
        lesson.dance().headers().songs().stream()
            .findFirst()
            .map(Stated::value)
            .map(Song::lengthSeconds)
            .filter(it -> it.isPresent())
            .map(it -> OptionalLong.of(it.getAsInt() * 1000L))
            .orElse(OptionalLong.empty());
    return new Draft(
        counts(own),
        pace.drillTalk(),
        own.getFirst().startFacing(),
        endOf(own.getLast()),
        say,
        millis);
  }

  /** An exception with its run-in, from its own wall, and how it goes on. */
  Draft exception(Mode mode, Scope.Event scope) {
    Wall wall = lesson.walls().walls().get(scope.wall() - 1);
    WallEvent event = lesson.event(scope);
    List<DancedPlace> danced = DancedPlace.of(wall);
    int begins = event.startCount() - wall.startCount();
    int runIn = Math.min(Scope.RUN_IN, begins);
    int ends = begins + event.counts();
    int on = event.kind() == WallEvent.Kind.ENDING ? 0 : Scope.RUN_IN;
    Facing start = wall.startFacing();
    for (DancedPlace moment : danced) {
      start = moment.wallCount() <= begins - runIn ? moment.facing() : start;
    }
    List<Place> after = after(wall, danced, ends, on);
    List<Say> say = new ArrayList<>();
    say.add(new Say.RunIn(wall.number(), wall.startFacing(), runIn, start));
    List<Place> before = between(danced, begins - runIn, begins);
    if (mode == Mode.WORDS && !before.isEmpty()) {
      say.add(Say.Figures.of(before));
    }
    steps(danced, event, begins, ends).ifPresent(say::add);
    say.add(new Say.Event(event.id(), event.from(), event.to()));
    if (mode == Mode.WORDS && !after.isEmpty()) {
      say.add(new Say.ThenOn(DancedFigure.calls(after)));
    }
    Facing end = event.to().plus(Place.turnOf(after));
    int talk = pace.drillTalk() + (mode == Mode.WORDS ? pace.sectionTalk() : 0);
    return new Draft(runIn + event.counts() + on, talk, start, end, say);
  }

  /** The steps that differ from the dance as it goes otherwise; none for a plain restart. */
  private Optional<Say> steps(List<DancedPlace> danced, WallEvent event, int begins, int ends) {
    List<Place> changed = lesson.dance().changedAt(event.span());
    if (!changed.isEmpty()) {
      return Optional.of(new Say.ItsSteps(true, DancedFigure.calls(changed)));
    }
    List<Place> own = between(danced, begins, ends);
    return own.isEmpty()
        ? Optional.empty()
        : Optional.of(new Say.ItsSteps(false, DancedFigure.calls(own)));
  }

  /** What is danced of a wall after count {@code from} up to the end of count {@code to}. */
  private static List<Place> between(List<DancedPlace> danced, int from, int to) {
    return danced.stream()
        .filter(it -> it.wallCount() > from && it.wallCount() <= to)
        .map(DancedPlace::place)
        .toList();
  }

  private List<Place> after(Wall wall, List<DancedPlace> danced, int ends, int counts) {
    List<Place> rest = between(danced, ends, ends + counts);
    int left = ends + counts - (wall.counts() + wall.tagCounts());
    List<Place> next =
        lesson.walls().walls().stream()
            .filter(it -> left > 0 && it.number() == wall.number() + 1)
            .findFirst()
            .map(it -> between(DancedPlace.of(it), 0, Math.min(left, counts)))
            .orElse(List.of());
    return Stream.concat(rest.stream(), next.stream()).toList();
  }
}
