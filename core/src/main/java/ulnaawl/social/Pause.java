package ulnaawl.social;

/**
 * Something that comes in between at about a time: as soon as the song ends that is on then.
 *
 * @param at seconds from the beginning of the social
 * @param seconds how long it lasts; of a walk-in 0, for its dance says that
 */
public record Pause(Kind kind, int at, int seconds) {

  /** What comes in between. */
  public enum Kind {
    BREAK,
    RAFFLE,
    /** The next dance is one that is taught to everybody first. */
    WALK_IN
  }

  public Pause {
    if (at < 0 || seconds < 0 || (seconds == 0) != (kind == Kind.WALK_IN)) {
      throw new IllegalArgumentException("A pause lasts; a walk-in lasts as long as its dance");
    }
  }
}
