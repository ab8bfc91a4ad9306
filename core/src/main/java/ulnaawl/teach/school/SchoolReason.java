package ulnaawl.teach.school;

import ulnaawl.figure.Level;

/** Why a school suits a group and a dance. */
public sealed interface SchoolReason {

  /** The group has learned the dance before. */
  record LearnedBefore() implements SchoolReason {}

  /** The group was begun at the end of the dance. */
  record BegunFromTheBack() implements SchoolReason {}

  /**
   * The last section is the hardest.
   *
   * @param plainCounts its load
   * @param usual the load of the others, on average
   */
  record EndIsHard(int plainCounts, int usual) implements SchoolReason {}

  /** The second half begins at the back of the hall. */
  record SecondHalfAtTheBack() implements SchoolReason {}

  /** The group is of a level that wants everything again and again. */
  record WantsRepeats(Level level) implements SchoolReason {}

  /** Going to the top after each section would take too long. */
  record ManySections(int sections) implements SchoolReason {
    public ManySections {
      if (sections < 2) {
        throw new IllegalArgumentException("Many sections are two or more, not " + sections);
      }
    }
  }

  /** The group learns fast. */
  record LearnsFast(Level level) implements SchoolReason {}
}
