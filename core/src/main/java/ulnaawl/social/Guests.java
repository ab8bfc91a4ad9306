package ulnaawl.social;

import ulnaawl.figure.Level;

/**
 * A group that comes to a social.
 *
 * @param group its number
 * @param heads how many of it come, 1 or more
 */
public record Guests(long group, String name, Level level, int heads) {

  public Guests {
    if (heads < 1) {
      throw new IllegalArgumentException("A group that comes has a head at least");
    }
  }
}
