package ulnaawl.learning;

/** What a group did with a dance, the least first. */
public enum Happened {
  /** Some sections were taught. */
  INTRODUCED,
  /** Taught to the end. */
  TAUGHT,
  /** Walked through again. */
  WALKED,
  /** Danced with calls. */
  DANCED_CALLED,
  /** Danced without calls. */
  DANCED;

  /** Whether the whole dance was gone through. */
  public boolean isWhole() {
    return this != INTRODUCED;
  }
}
