package ulnaawl.learning;

/** How far a group is with a dance. */
public enum Stage {
  NOT_STARTED("not started"),
  STARTED("started"),
  TAUGHT("taught"),
  PRACTISED("practised"),
  KNOWN("known"),
  RUSTY("rusty");

  private final String label;

  Stage(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
