package ulnaawl.teach.lesson;

import java.util.List;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Place;
import ulnaawl.figure.Figure;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Weight;
import ulnaawl.wall.EventId;

/** A short line that the instructor says before or in a drill; facings are on the room clock. */
public sealed interface Say {

  /** Which foot carries, and where everybody faces. */
  record Standing(Weight weight, Facing facing) implements Say {}

  /** The class is turned so that it sees the teacher; danced the section starts elsewhere. */
  record TurnTheClass(Facing to, Facing danced) implements Say {}

  /** The figures in order, as they are called. */
  record Figures(List<String> calls) implements Say {
    public Figures {
      calls = List.copyOf(calls);
      if (calls.isEmpty()) {
        throw new IllegalArgumentException("Where nothing is danced, nothing is called");
      }
    }

    /** As the figures of these places are called, in order. */
    public static Figures of(List<Place> places) {
      return new Figures(DancedFigure.calls(places));
    }
  }

  /** A figure that is new to the group, and how to explain it. */
  record NewFigure(String figure, String explanation) implements Say {
    /** A figure by its name and its guide. */
    public static NewFigure of(Figure figure) {
      return new NewFigure(figure.call(), figure.guide().say());
    }
  }

  /** A colleague's note on the section; blank for a mark without one. */
  record WatchOut(String note) implements Say {}

  /** Another way of dancing some of its counts. */
  record AnotherWay(String option, int from, int to, List<String> calls) implements Say {
    public AnotherWay {
      calls = List.copyOf(calls);
      if (calls.isEmpty()) {
        throw new IllegalArgumentException("Another way has steps");
      }
    }
  }

  /** A caution of the figure book. */
  record TakeCare(String caution) implements Say {}

  /** Once more from the start of a section. */
  record BackTo(int section) implements Say {}

  /** From the top of a part. */
  record FromTheTop(Facing facing) implements Say {}

  /** From a section on. */
  record FromSection(int section, Facing facing) implements Say {}

  /** Where it ends. */
  record EndsFacing(Facing facing) implements Say {}

  /** Figures before a join, and those after it. */
  record ThenStraightOn(List<String> before, List<String> after) implements Say {
    public ThenStraightOn {
      before = List.copyOf(before);
      after = List.copyOf(after);
      if (before.isEmpty() || after.isEmpty()) {
        throw new IllegalArgumentException("A join has steps on both sides");
      }
    }
  }

  /** The end of a wall and on into the next. */
  record EndAndOn(Facing facing) implements Say {}

  /** Walls in a row, or one. */
  record Walls(int from, int to, Facing facing) implements Say {}

  /** An exception that comes in these walls. */
  record ComesOn(int wall, EventId event) implements Say {}

  /** The run-in of an exception. */
  record RunIn(int wall, Facing wallStarts, int counts, Facing facing) implements Say {}

  /** What the exception does. */
  record Event(EventId event, Facing from, Facing to) implements Say {}

  /** For whoever likes an option better. */
  record ForWhoLikes(int from, int to) implements Say {}
}
