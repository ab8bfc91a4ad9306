package ulnaawl.teach;

/** How a drill is danced. */
public enum Mode {
  WORDS("in words"),
  COUNTS("in counts"),
  MUSIC("to music");

  private final String label;

  Mode(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
