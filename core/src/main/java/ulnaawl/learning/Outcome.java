package ulnaawl.learning;

/** How it went. */
public enum Outcome {
  SOLID("solid"),
  SHAKY("shaky"),
  LOST("lost");

  private final String label;

  Outcome(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
