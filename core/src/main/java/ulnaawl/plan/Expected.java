package ulnaawl.plan;

import java.util.function.Supplier;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.teach.Teach;

/**
 * What a line of a class will have been if it goes as planned.
 *
 * @param sections what will have been danced in it
 */
public record Expected(Happened happened, SectionSet sections) {

  /**
   * Reads a line with a dance. Where a group has not been shown the whole of it by then, it dances
   * what it has been shown. Common practice, no source.
   *
   * @param all sections of the dance, 1 or more
   * @param shown sections that the group has been shown before this line
   * @param teach lays out the teach that the line stands for; only asked for a teach
   */
  public static Expected of(ClassLine.Kind kind, int all, SectionSet shown, Supplier<Teach> teach) {
    SectionSet whole = SectionSet.upTo(all);
    if (kind != ClassLine.Kind.TEACH && !shown.isEmpty() && !shown.isWhole(all)) {
      return new Expected(Happened.INTRODUCED, shown);
    }
    return switch (kind) {
      case TEACH -> {
        Teach laidOut = teach.get();
        yield laidOut.isWhole()
            ? new Expected(Happened.TAUGHT, whole)
            : new Expected(Happened.INTRODUCED, laidOut.reached());
      }
      case REMINDER -> new Expected(Happened.WALKED, whole);
      case PRACTICE -> new Expected(Happened.DANCED_CALLED, whole);
      case WARM_UP, FINISH, BREAK, COOL_DOWN -> new Expected(Happened.DANCED, whole);
    };
  }
}
