package ulnaawl.learning;

/** How it went. */
public enum Outcome {
  SOLID,
  SHAKY,
  LOST
}
