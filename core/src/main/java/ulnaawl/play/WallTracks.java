package ulnaawl.play;

import java.util.ArrayList;
import java.util.List;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Section;
import ulnaawl.floor.Facing;
import ulnaawl.music.Count;
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
@RequiredArgsConstructor
final class WallTracks {

  private final Lesson lesson;

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
    WallEvent event = lesson.event(scope);
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
    Wall wall = lesson.firstInto(part, next);
    TrackBuilder builder =
        new TrackBuilder(wall.startFacing().plus(part.turnAfter(last.end() - before)));
    builder.add(wall.number(), part, last, last.end() - before, last.end());
    builder.add(wall.number() + 1, next, first, 0, after);
    return builder.build(wall.startCount() + last.end() - before, List.of());
  }

  private static int end(Wall wall) {
    return wall.startCount() + wall.counts() + wall.tagCounts();
  }

  /** A section of a wall and the counts of it that lie between two of the song. */
  private record Cut(Wall wall, DancedSection section, int skipped, int counts) {

    static Cut of(Wall wall, DancedSection section, int from, int to) {
      int start = wall.startCount() + section.start();
      int skipped = Math.max(0, from - start);
      return new Cut(wall, section, skipped, Math.min(to - start, section.counts()) - skipped);
    }

    /** Where one faces as it begins; a pick-up belongs to what it leads into. */
    Facing startFacing() {
      int from = wall.startCount() + section.start() + skipped;
      return section.figures().stream()
          .flatMap(figure -> figure.moments().stream())
          .filter(it -> skipped > 0 && it.at().number() <= from)
          .map(DancedPlace::facing)
          .reduce(section.startFacing(), (_, facing) -> facing);
    }
  }

  private Track slice(WallSequence sequence, int from, int to) {
    List<Cut> cuts =
        sequence.walls().stream()
            .flatMap(wall -> DancedSection.of(wall).stream().map(it -> Cut.of(wall, it, from, to)))
            .filter(cut -> cut.counts() > 0)
            .toList();
    TrackBuilder builder = new TrackBuilder(cuts.getFirst().startFacing());
    cuts.forEach(it -> builder.add(it.wall(), it.section(), it.skipped(), it.counts()));
    return builder.build(from, announced(sequence, from, to));
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
