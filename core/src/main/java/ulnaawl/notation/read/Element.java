package ulnaawl.notation.read;

import java.util.Optional;

/** A step, or the sign between two, which may be one. */
sealed interface Element {
  record Step(Draft draft) implements Element {}

  record Ampersand(int from, int to) implements Element {}

  /**
   * What stands before on the line once more, with the other feet where it is mirrored.
   *
   * @param counts the counts that are said, both inclusive; all that stands before where none are
   */
  record Again(boolean mirrored, Optional<Range> counts) implements Element {}

  /** Whole counts from one to another. */
  record Range(int first, int last) {}
}
