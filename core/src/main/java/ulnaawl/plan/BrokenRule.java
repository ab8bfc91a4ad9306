package ulnaawl.plan;

/** A rule of a class that a running order does not keep. Lines are counted from 0. */
public sealed interface BrokenRule {

  /** Minutes that nothing is planned for, 1 or more. */
  record NotFilled(int minutes) implements BrokenRule {}

  /** Minutes that are planned and not there, 1 or more. */
  record TooLong(int minutes) implements BrokenRule {}

  /** It does not begin with a warm-up. */
  record NoWarmUp() implements BrokenRule {}

  /** It does not end with a cool-down. */
  record NoCoolDown() implements BrokenRule {}

  /** More than an hour without a break, from one minute to another. */
  record NoRest(int from, int to) implements BrokenRule {}

  /** Two lines in a row of one style and one speed. */
  record Alike(int line, int next, String style) implements BrokenRule {}

  /** Two very fast dances in a row. */
  record BothVeryFast(int line, int next) implements BrokenRule {}

  /** Two fast dances in a row, for a group that is to be spared. */
  record BothFast(int line, int next) implements BrokenRule {}

  /** A second teach, for a group that is to be spared. */
  record SecondTeach(int line) implements BrokenRule {}

  /** A teach before anything was danced. */
  record TeachFirst(int line) implements BrokenRule {}

  /** A teach after so many dances: heads are not fresh any more. */
  record TeachLate(int line, int dances) implements BrokenRule {}

  /** What is taught is not danced to its music straight after it. */
  record NotDanced(int line) implements BrokenRule {}

  /** A dance that stood before already. */
  record Twice(int line) implements BrokenRule {}
}
