package ulnaawl.teach.lesson;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Section;
import ulnaawl.wall.EventId;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;

/** What one turn of a drill covers of each piece of a lesson, in thousandths of a turn. */
@RequiredArgsConstructor
final class Coverage {

  private final Lesson lesson;
  private final Map<Piece, Integer> covered = new LinkedHashMap<>();

  Map<Piece, Integer> of(Scope scope) {
    int share = RulesOfThumb.PRACTICE.get("part");
    switch (scope) {
      case Scope.OneSection it -> whole(new Piece.Steps(it.section()));
      case Scope.Run it -> run(it.from(), it.to());
      case Scope.Join it -> {
        whole(new Piece.Join(it.from(), it.to()));
        add(new Piece.Steps(it.from()), share);
        add(new Piece.Steps(it.to()), share);
      }
      case Scope.Link it -> {
        whole(new Piece.Link(it.last(), it.first()));
        add(new Piece.Steps(it.last()), share);
        add(new Piece.Steps(it.first()), share);
      }
      case Scope.Walls it -> {
        for (int number = it.from(); number <= it.to(); number++) {
          wall(lesson.walls().walls(), number, number < it.to());
        }
      }
      case Scope.Song _ -> {
        List<Wall> song = lesson.song().walls();
        for (int number = 1; number <= song.size(); number++) {
          wall(song, number, number < song.size());
        }
      }
      case Scope.Event it -> whole(new Piece.Event(it.event(), it.wall()));
      case Scope.Option it -> add(new Piece.Steps(it.section()), share);
    }
    return covered;
  }

  private void run(int from, int to) {
    for (int section = from; section <= to; section++) {
      whole(new Piece.Steps(section));
      if (section > from) {
        whole(new Piece.Join(section - 1, section));
      }
    }
  }

  private void wall(List<Wall> walls, int number, boolean goesOn) {
    Wall wall = walls.get(number - 1);
    List<Section> own = lesson.partOf(wall).sections();
    int danced =
        wall.events().stream()
            .filter(it -> it.kind() == WallEvent.Kind.RESTART || it.kind() == WallEvent.Kind.ENDING)
            .mapToInt(WallEvent::after)
            .findFirst()
            .orElse(Integer.MAX_VALUE);
    List<Section> complete = own.stream().filter(it -> it.end() <= danced).toList();
    if (!complete.isEmpty()) {
      run(complete.getFirst().number(), complete.getLast().number());
    }
    for (WallEvent event : wall.events()) {
      piece(event.id()).ifPresent(this::whole);
    }
    if (goesOn && wall.events().isEmpty() && !own.isEmpty()) {
      Section next = lesson.partOf(walls.get(number)).sections().getFirst();
      Piece link = new Piece.Link(own.getLast().number(), next.number());
      if (lesson.pieces().contains(link)) {
        whole(link);
      }
    }
  }

  private Optional<Piece> piece(EventId event) {
    return lesson.pieces().stream()
        .filter(it -> it instanceof Piece.Event found && found.event().equals(event))
        .findFirst();
  }

  private void whole(Piece piece) {
    add(piece, Lesson.WHOLE);
  }

  private void add(Piece piece, int share) {
    covered.merge(piece, share, Integer::sum);
  }
}
