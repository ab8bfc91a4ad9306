package ulnaawl.floor;

/** A side or direction of rotation as the dancer feels it. */
public enum Side {
  LEFT("L", "left", -1),
  RIGHT("R", "right", 1);

  private final String letter;
  private final String word;
  private final int sign;

  Side(String letter, String word, int sign) {
    this.letter = letter;
    this.word = word;
    this.sign = sign;
  }

  public String letter() {
    return letter;
  }

  /** {@code right} or {@code left}. */
  public String word() {
    return word;
  }

  /** +1 to the right, -1 to the left. */
  public int sign() {
    return sign;
  }

  public Side other() {
    return this == LEFT ? RIGHT : LEFT;
  }
}
