package ulnaawl;

/**
 * How many values a test tries that could try any number: few in the ordinary run, so that it stays
 * quick, and many in {@code ./ulna test --long}.
 */
public final class Tries {

  private static final boolean LONG = Boolean.getBoolean("ulna.long");

  private Tries() {}

  /** So many in the ordinary run, and so many in the long one. */
  public static int of(int few, int many) {
    return LONG ? many : few;
  }
}
