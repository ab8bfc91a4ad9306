package ulnaawl.learning;

/** How far a group is with a dance. */
public enum Stage {
  NOT_STARTED(0),
  STARTED(450),
  TAUGHT(600),
  PRACTISED(750),
  KNOWN(900),
  RUSTY(400);

  private final int readiness;

  Stage(int readiness) {
    this.readiness = readiness;
  }

  /**
   * How ready a group is with what it has been shown, in thousandths; a rule of thumb, no source.
   */
  public int readiness() {
    return readiness;
  }

  /** Whether the dance was taught to the end at some time. */
  public boolean isLearned() {
    return this != NOT_STARTED && this != STARTED;
  }
}
