package ulnaawl.floor;

import java.util.List;

/**
 * A signed rotation in eighths of a full turn; to the right is positive.
 *
 * @param eighths eighths of a turn, positive to the right; between -64 and 64 for one movement,
 *     larger for sums
 */
public record Turn(int eighths) {

  public static final Turn NONE = new Turn(0);

  /** A turn of so many eighths to a side. */
  public static Turn of(int eighths, Side side) {
    return new Turn(eighths * side.sign());
  }

  public Turn plus(Turn more) {
    if (more.eighths == 0) {
      return this;
    }
    return eighths == 0 ? more : new Turn(eighths + more.eighths);
  }

  /** Turns one after the other. */
  public static Turn sum(List<Turn> turns) {
    Turn sum = NONE;
    for (Turn turn : turns) {
      sum = sum.plus(turn);
    }
    return sum;
  }

  public boolean isNone() {
    return eighths == 0;
  }

  /** The side it turns to; {@link Side#RIGHT} for no turn. */
  public Side side() {
    return eighths < 0 ? Side.LEFT : Side.RIGHT;
  }

  /** Where it ends, in eighths to the right, 0 to 7; whole turns drop out. */
  public int net() {
    return Math.floorMod(eighths, 8);
  }

  /** The shortest turn with the same end, -3 to 4 eighths: 9 hours right are a quarter left. */
  public Turn shortest() {
    return new Turn(net() > 4 ? net() - 8 : net());
  }

  /** {@link #net()} in clock hours to the right: 0, 1.5, 3 … 10.5. */
  public double netHours() {
    return net() * 1.5;
  }

  /** As the trade writes it: {@code 1/4 R}, {@code 1-1/4 L}, {@code full R}; empty for no turn. */
  public String label() {
    int size = Math.abs(eighths);
    return size == 0 ? "" : sizeLabel(size) + " " + side().letter();
  }

  /** As it is called: {@code half left}, {@code three quarters right}; blank for none. */
  public String aloud() {
    String size = sizeAloud(Math.abs(eighths));
    return isNone() ? "" : size + (size.endsWith("three quarter") ? "s " : " ") + side().word();
  }

  /** As it is called with the word turn in it: {@code half turn left}; blank for none. */
  public String turnAloud() {
    return isNone() ? "" : sizeAloud(Math.abs(eighths)) + " turn " + side().word();
  }

  private static String sizeAloud(int size) {
    return switch (size) {
      case 1 -> "eighth";
      case 2 -> "quarter";
      case 3 -> "three eighths";
      case 4 -> "half";
      case 5 -> "five eighths";
      case 6 -> "three quarter";
      case 7 -> "seven eighths";
      case 8 -> "full";
      default -> sizeLabel(size);
    };
  }

  private static String sizeLabel(int size) {
    int whole = size / 8;
    int rest = size % 8;
    String fraction =
        switch (rest) {
          case 0 -> "";
          case 2, 6 -> rest / 2 + "/4";
          case 4 -> "1/2";
          default -> rest + "/8";
        };
    if (whole == 0) {
      return fraction;
    }
    if (rest == 0) {
      return whole == 1 ? "full" : "full x" + whole;
    }
    return whole + "-" + fraction;
  }
}
