package ulnaawl.learning;

/** What a group did with a dance, the least first. */
public enum Happened {
  /** Some sections were taught. */
  INTRODUCED("introduced"),
  /** Taught to the end. */
  TAUGHT("taught to the end"),
  /** Walked through again. */
  WALKED("walked through"),
  /** Danced with calls. */
  DANCED_CALLED("danced with calls"),
  /** Danced without calls. */
  DANCED("danced without calls");

  private final String label;

  Happened(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
