package ulnaawl.floor;

/** A dancer's foot. */
public enum Foot {
  LEFT("L", "left"),
  RIGHT("R", "right");

  private final String letter;
  private final String word;

  Foot(String letter, String word) {
    this.letter = letter;
    this.word = word;
  }

  /** {@code L} or {@code R}. */
  public String letter() {
    return letter;
  }

  /** {@code left} or {@code right}. */
  public String word() {
    return word;
  }

  public Foot other() {
    return this == LEFT ? RIGHT : LEFT;
  }

  /** The side this foot stands on. */
  public Side side() {
    return this == LEFT ? Side.LEFT : Side.RIGHT;
  }
}
