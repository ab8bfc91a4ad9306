package ulnaawl.teach.lesson;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Section;

/** The drills that can be put into a teach of a lesson, in the order of the dance. */
final class Scopes {

  /** A group walks at most so many walls in one drill. */
  private static final int MOST_WALLS = 4;

  private Scopes() {}

  static List<Scope> of(Lesson lesson) {
    List<Scope> scopes = new ArrayList<>();
    lesson.sections().forEach(it -> scopes.add(new Scope.OneSection(it.number())));
    lesson.dance().parts().forEach(part -> addRuns(scopes, part));
    for (Piece piece : lesson.pieces()) {
      if (piece instanceof Piece.Link it) {
        scopes.add(new Scope.Link(it.last(), it.first()));
      }
    }
    addWalls(scopes, Math.min(MOST_WALLS, lesson.walls().walls().size()));
    scopes.add(new Scope.Song());
    scopes.addAll(lesson.events());
    lesson
        .dance()
        .variations()
        .forEach(it -> scopes.add(new Scope.Option(it.name(), it.section())));
    return scopes;
  }

  private static void addRuns(List<Scope> scopes, Passage part) {
    List<Section> own = part.sections();
    for (int i = 1; i < own.size(); i++) {
      scopes.add(new Scope.Join(own.get(i - 1).number(), own.get(i).number()));
    }
    for (int from = 0; from < own.size(); from++) {
      for (int to = from + 1; to < own.size(); to++) {
        boolean useful = from == 0 || to == own.size() - 1 || to == from + 1;
        if (useful) {
          scopes.add(new Scope.Run(own.get(from).number(), own.get(to).number()));
        }
      }
    }
  }

  private static void addWalls(List<Scope> scopes, int all) {
    for (int wall = 1; wall <= all; wall++) {
      scopes.add(new Scope.Walls(wall, wall));
    }
    for (int last = 2; last <= all; last++) {
      scopes.add(new Scope.Walls(1, last));
    }
  }
}
