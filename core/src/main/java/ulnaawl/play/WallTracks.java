package ulnaawl.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Section;
import ulnaawl.floor.Facing;
import ulnaawl.music.Count;
import ulnaawl.teach.cue.Cues.Timed;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.wall.CallSheet;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.DancedSection;
import ulnaawl.wall.EventId;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallSequence;

/** Tracks of walls as the song has them: counts of the song from one to another. */
final class WallTracks {

  private final Lesson lesson;

  WallTracks(Lesson lesson) {
    this.lesson = lesson;
  }

  Track walls(Scope.Walls scope) {
    List<Wall> all = lesson.walls().walls();
    return slice(
        lesson.walls(), all.get(scope.from() - 1).startCount(), end(all.get(scope.to() - 1)));
  }

  Track song() {
    return slice(lesson.song(), 0, end(lesson.song().walls().getLast()));
  }

  /** An exception with its run-in, from its own wall, and how it goes on. */
  Track event(Scope.Event scope) {
    Wall wall = lesson.walls().walls().get(scope.wall() - 1);
    WallEvent event =
        wall.events().stream()
            .filter(it -> it.id().equals(scope.event()))
            .findFirst()
            .orElseThrow();
    int begins = event.startCount();
    int runIn = Math.min(Scope.RUN_IN, begins - wall.startCount());
    int on = event.kind() == WallEvent.Kind.ENDING ? 0 : Scope.RUN_IN;
    int last = end(lesson.walls().walls().getLast());
    return slice(lesson.walls(), begins - runIn, Math.min(last, begins + event.counts() + on));
  }

  /**
   * The end of a part and the start of the one that comes next, from the first wall that has it.
   */
  Track link(Scope.Link scope) {
    Section last = lesson.section(scope.last());
    Section first = lesson.section(scope.first());
    Passage part = lesson.part(scope.last());
    Passage next = lesson.part(scope.first());
    int before = Math.min(Scope.RUN_IN, last.counts());
    int after = Math.min(Scope.RUN_IN, first.counts());
    Wall wall = firstInto(part, next);
    TrackBuilder builder =
        new TrackBuilder(wall.startFacing().plus(part.turnAfter(last.end() - before)));
    builder.add(
        leg(wall.number(), part, last, last.counts() - before, before),
        timed(part, last.end() - before, last.end()));
    builder.add(leg(wall.number() + 1, next, first, 0, after), timed(next, 0, after));
    return builder.build(wall.startCount() + last.end() - before, List.of());
  }

  private static Leg leg(int wall, Passage part, Section section, int left, int counts) {
    return new Leg(
        0, counts, left + 1, wall, part.name(), section.number(), Optional.empty(), Facing.FRONT);
  }

  private static List<Timed> timed(Passage part, int from, int to) {
    return part.between(from, to).stream()
        .map(it -> new Timed(it.at().ticks() - (from + 1) * Count.TICKS, it))
        .toList();
  }

  private Wall firstInto(Passage part, Passage next) {
    List<Wall> all = lesson.walls().walls();
    for (int i = 1; i < all.size(); i++) {
      if (lesson.partOf(all.get(i - 1)).equals(part) && lesson.partOf(all.get(i)).equals(next)) {
        return all.get(i - 1);
      }
    }
    return all.getFirst();
  }

  private static int end(Wall wall) {
    return wall.startCount() + wall.counts() + wall.tagCounts();
  }

  private Track slice(WallSequence sequence, int from, int to) {
    TrackBuilder builder = new TrackBuilder(facingAt(sequence, from));
    for (Wall wall : sequence.walls()) {
      if (wall.startCount() < to && end(wall) > from) {
        for (DancedSection section : DancedSection.of(wall)) {
          add(builder, wall, section, from, to);
        }
      }
    }
    return builder.build(from, announced(sequence, from, to));
  }

  private static void add(
      TrackBuilder builder, Wall wall, DancedSection section, int from, int to) {
    int start = wall.startCount() + section.start();
    int begins = Math.max(from, start);
    int ends = Math.min(to, start + section.counts());
    if (begins >= ends) {
      return;
    }
    List<Timed> timed = new ArrayList<>();
    for (DancedSection.Figure figure : section.figures()) {
      for (DancedPlace moment : figure.moments()) {
        int count = moment.at().number();
        if (count <= ends && (begins == start || count > begins)) {
          timed.add(new Timed(moment.at().ticks() - (begins + 1) * Count.TICKS, moment.place()));
        }
      }
    }
    builder.add(
        new Leg(
            0,
            ends - begins,
            begins - start + 1,
            wall.number(),
            wall.part(),
            section.section(),
            section.event(),
            Facing.FRONT),
        timed);
  }

  /**
   * Where one faces on the room clock after so many counts of the song. A pick-up belongs to what
   * it leads into.
   */
  private static Facing facingAt(WallSequence sequence, int counts) {
    Facing facing = sequence.walls().getFirst().startFacing();
    for (Wall wall : sequence.walls()) {
      for (DancedSection section : DancedSection.of(wall)) {
        int start = wall.startCount() + section.start();
        if (start == counts) {
          return section.startFacing();
        }
        if (start < counts) {
          facing = facingIn(section, counts);
        }
      }
    }
    return facing;
  }

  private static Facing facingIn(DancedSection section, int counts) {
    Facing facing = section.startFacing();
    for (DancedSection.Figure figure : section.figures()) {
      for (DancedPlace moment : figure.moments()) {
        facing = moment.at().number() <= counts ? moment.facing() : facing;
      }
    }
    return facing;
  }

  private List<Track.Announced> announced(WallSequence sequence, int from, int to) {
    SequenceRequest request = SequenceRequest.of(lesson.dance()).withWalls(sequence.walls().size());
    List<Track.Announced> found = new ArrayList<>();
    for (CallSheet.Line line : CallSheet.of(lesson.dance(), request).lines()) {
      for (CallSheet.Call call : line.calls()) {
        if (isIn(call, from, to)) {
          found.add(new Track.Announced((call.first() - from) * Count.TICKS, call));
        }
      }
    }
    return found;
  }

  /** A restart ends what is before it, anything else begins what comes. */
  private static boolean isIn(CallSheet.Call call, int from, int to) {
    boolean ends =
        call.what() instanceof CallSheet.What.Event it && it.event() instanceof EventId.Restart;
    return ends
        ? call.startCount() > from && call.first() <= to
        : call.first() >= from && call.first() < to;
  }
}
