package ulnaawl.notation;

import java.util.List;
import java.util.Optional;
import ulnaawl.floor.Facing;
import ulnaawl.text.SourceSpan;

/** A line of the phrasing: what happens on which walls. */
public sealed interface Phrase {

  SourceSpan span();

  /** Whether only some clubs dance it. */
  default boolean optional() {
    return false;
  }

  /**
   * A tag after walls.
   *
   * @param walls walls it follows, from 1
   * @param optional whether only some clubs dance it
   * @param facing where the sheet says that it begins, on the room clock
   */
  record TagPhrase(
      List<Stated<Integer>> walls,
      Stated<String> tag,
      boolean optional,
      Optional<Stated<Facing>> facing,
      SourceSpan span)
      implements Phrase {
    public TagPhrase {
      walls = List.copyOf(walls);
    }
  }

  /**
   * A restart.
   *
   * @param after the counts that are danced of the wall
   * @param facing where the sheet says that the next wall begins, on the room clock
   * @param change other steps for the last of these counts
   */
  record RestartPhrase(
      List<Stated<Integer>> walls,
      Stated<Integer> after,
      Optional<Stated<Facing>> facing,
      Optional<StepLine> change,
      boolean optional,
      SourceSpan span)
      implements Phrase {
    public RestartPhrase {
      walls = List.copyOf(walls);
    }
  }

  /** What the sheet says of a wall's start, on the room clock. It is only checked. */
  record StartPhrase(List<Stated<Integer>> walls, Stated<Facing> facing, SourceSpan span)
      implements Phrase {
    public StartPhrase {
      walls = List.copyOf(walls);
    }
  }

  /** Extra counts inside a wall, after so many of its counts. */
  record BridgePhrase(
      List<Stated<Integer>> walls, Stated<String> bridge, Stated<Integer> after, SourceSpan span)
      implements Phrase {
    public BridgePhrase {
      walls = List.copyOf(walls);
    }
  }

  /**
   * Sections in a row that are danced again.
   *
   * @param first number of the first of them
   * @param last number of the last of them; the first where it is one
   * @param times how often they are danced in all, 2 or more
   */
  record RepeatPhrase(
      List<Stated<Integer>> walls,
      Stated<Integer> first,
      Stated<Integer> last,
      int times,
      SourceSpan span)
      implements Phrase {
    public RepeatPhrase {
      walls = List.copyOf(walls);
    }
  }

  /** A changed finish that replaces the rest of a wall. */
  record EndingPhrase(
      Stated<Integer> wall, Stated<Integer> after, Stated<String> ending, SourceSpan span)
      implements Phrase {}

  /** The order of parts and tags of a phrased dance. */
  record OrderPhrase(List<Stated<String>> names, SourceSpan span) implements Phrase {
    public OrderPhrase {
      names = List.copyOf(names);
    }
  }
}
