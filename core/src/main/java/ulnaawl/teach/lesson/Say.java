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

  /** The class stands elsewhere and is turned. */
  record TurnTheClass(Facing to) implements Say {}

  /** It is shown where the class sees the teacher; danced it starts elsewhere. */
  record ShownHere(Facing danced) implements Say {}

  /** The same as another section on the other foot, which is where people trip. */
  record Mirrors(int section) implements Say {}

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

  /** From the top of the dance. */
  record FromTheTop(Facing facing) implements Say {}

  /** From the start of a part of a phrased dance. */
  record FromPart(String part, Facing facing) implements Say {}

  /** The order of the parts of a phrased dance. */
  record Order(List<String> parts) implements Say {
    public Order {
      parts = List.copyOf(parts);
      if (parts.isEmpty()) {
        throw new IllegalArgumentException("An order has parts");
      }
    }
  }

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

  /** The last counts before the end of a section, and straight on into another one. */
  record EndAndOn(int last, Facing from, int first, Facing on) implements Say {}

  /** The whole song. */
  record WholeSong(int walls) implements Say {}

  /** Walls in a row, or one. */
  record Walls(int from, int to, Facing facing) implements Say {}

  /** An exception that comes in these walls. */
  record ComesOn(int wall, EventId event) implements Say {}

  /** The run-in of an exception. */
  record RunIn(int wall, Facing wallStarts, int counts, Facing facing) implements Say {}

  /** What the exception does. */
  record Event(EventId event, Facing from, Facing to) implements Say {}

  /** The steps of an exception, or those of a restart that are changed. */
  record ItsSteps(boolean changed, List<String> calls) implements Say {
    public ItsSteps {
      calls = List.copyOf(calls);
      if (calls.isEmpty()) {
        throw new IllegalArgumentException("Where nothing is danced, nothing is called");
      }
    }
  }

  /** How the dance goes on after it. */
  record ThenOn(List<String> calls) implements Say {
    public ThenOn {
      calls = List.copyOf(calls);
      if (calls.isEmpty()) {
        throw new IllegalArgumentException("Where nothing is danced, nothing is called");
      }
    }
  }

  /** For whoever likes an option better. */
  record ForWhoLikes(int from, int to) implements Say {}
}
