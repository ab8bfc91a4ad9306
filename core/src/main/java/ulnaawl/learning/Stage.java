package ulnaawl.learning;

/** How far a group is with a dance. */
public enum Stage {
  NOT_STARTED,
  STARTED,
  TAUGHT,
  PRACTISED,
  KNOWN,
  RUSTY,
  RETIRED;

  /** Whether the dance was taught to the end at some time, and is still danced. */
  public boolean isLearned() {
    return this != NOT_STARTED && this != STARTED && this != RETIRED;
  }
}
