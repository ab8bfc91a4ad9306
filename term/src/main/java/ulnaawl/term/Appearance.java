package ulnaawl.term;

import ulnaawl.learning.Happened;

/**
 * A dance in a class.
 *
 * @param happened what is done with it
 * @param minutes how long that takes, 1 or more
 */
public record Appearance(ClassOn at, TermDance dance, Happened happened, int minutes) {

  /** Whether something of it is shown for the first time. */
  public boolean isTeach() {
    return happened == Happened.INTRODUCED || happened == Happened.TAUGHT;
  }
}
