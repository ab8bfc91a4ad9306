package ulnaawl.server.wire;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import ulnaawl.server.platform.Problem;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.wall.EventId;

/**
 * What a drill practises.
 *
 * @param from first section or wall; the wall of an exception, the section of an option
 * @param to last section or wall
 * @param event the exception
 * @param option name of an option
 */
public record ScopeView(
    ScopeView.@NotNull Kind kind,
    int from,
    int to,
    @Nullable EventId event,
    @Nullable @Size(max = 200) String option) {

  /** What can be practised. */
  public enum Kind {
    SECTION,
    RUN,
    JOIN,
    LINK,
    WALLS,
    SONG,
    EVENT,
    OPTION
  }

  private static ScopeView row(Kind kind, int from, int to) {
    return new ScopeView(kind, from, to, null, null);
  }

  /** The shape of a scope. */
  public static ScopeView of(Scope scope) {
    return switch (scope) {
      case Scope.OneSection it -> row(Kind.SECTION, it.section(), it.section());
      case Scope.Run it -> row(Kind.RUN, it.from(), it.to());
      case Scope.Join it -> row(Kind.JOIN, it.from(), it.to());
      case Scope.Link it -> row(Kind.LINK, it.last(), it.first());
      case Scope.Walls it -> row(Kind.WALLS, it.from(), it.to());
      case Scope.Song _ -> row(Kind.SONG, 0, 0);
      case Scope.Event it -> new ScopeView(Kind.EVENT, it.wall(), it.wall(), it.event(), null);
      case Scope.Option it ->
          new ScopeView(Kind.OPTION, it.section(), it.section(), null, it.name());
    };
  }

  /** The scope that it is. */
  public Scope scope() {
    return switch (kind) {
      case SECTION -> new Scope.OneSection(from);
      case RUN -> new Scope.Run(from, to);
      case JOIN -> new Scope.Join(from, to);
      case LINK -> new Scope.Link(from, to);
      case WALLS -> new Scope.Walls(from, to);
      case SONG -> new Scope.Song();
      case EVENT -> new Scope.Event(known(event), from);
      case OPTION -> new Scope.Option(known(option), from);
    };
  }

  private static <T> T known(@Nullable T value) {
    if (value == null) {
      throw Problem.rejected("A drill of an exception or option says which one it is.");
    }
    return value;
  }
}
