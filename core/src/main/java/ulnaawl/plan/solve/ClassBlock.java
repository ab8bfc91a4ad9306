package ulnaawl.plan.solve;

/**
 * Something that may stand in a class.
 *
 * @param role what for
 * @param dance which dance, from 0; {@link #NO_DANCE} for none; a dance stands once in a class
 * @param minutes how long, 1 or more
 * @param points what it is worth wherever it stands
 * @param style its style, from 1; {@link #UNKNOWN_STYLE} for a dance that says none, {@link
 *     #NO_STYLE} where nothing is danced
 * @param speed how fast it is danced
 * @param effort 0 for easy to 100 for the most; {@link #NO_EFFORT} where nobody sweats
 */
public record ClassBlock(
    Role role, int dance, int minutes, int points, int style, Speed speed, int effort) {

  public static final int NO_DANCE = -1;
  public static final int NO_STYLE = -1;
  public static final int NO_EFFORT = -1;

  /** A dance whose style nobody wrote down: it is like no other. */
  public static final int UNKNOWN_STYLE = 0;

  /** What a block is for. */
  public enum Role {
    WARM_UP,
    DANCE,
    TEACH,
    BREAK,
    FREE,
    FINISH,
    COOL_DOWN
  }

  /** How fast, as far as the rules care. */
  public enum Speed {
    EASY,
    FAST,
    VERY_FAST
  }

  public ClassBlock {
    if (minutes < 1) {
      throw new IllegalArgumentException("A block lasts a minute at least");
    }
  }

  /** A block without a dance. */
  public static ClassBlock without(Role role, int minutes, int points) {
    return new ClassBlock(role, NO_DANCE, minutes, points, NO_STYLE, Speed.EASY, NO_EFFORT);
  }

  boolean hasDance() {
    return dance != NO_DANCE;
  }
}
