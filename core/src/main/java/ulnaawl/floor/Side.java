package ulnaawl.floor;

/** A side or direction of rotation as the dancer feels it. */
public enum Side {
  LEFT("L", -1),
  RIGHT("R", 1);

  private final String letter;
  private final int sign;

  Side(String letter, int sign) {
    this.letter = letter;
    this.sign = sign;
  }

  public String letter() {
    return letter;
  }

  /** +1 to the right, -1 to the left. */
  public int sign() {
    return sign;
  }

  public Side other() {
    return this == LEFT ? RIGHT : LEFT;
  }
}
