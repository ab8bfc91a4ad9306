package ulnaawl.learning;

/** How far a group is with a dance. */
public enum Stage {
  NOT_STARTED("not started", 0),
  STARTED("started", 450),
  TAUGHT("taught", 600),
  PRACTISED("practised", 750),
  KNOWN("known", 900),
  RUSTY("rusty", 400);

  private final String label;

  private final int readiness;

  Stage(String label, int readiness) {
    this.label = label;
    this.readiness = readiness;
  }

  public String label() {
    return label;
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
