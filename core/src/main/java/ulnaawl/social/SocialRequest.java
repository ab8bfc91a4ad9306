package ulnaawl.social;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A social to be planned, or the rest of one that is under way.
 *
 * @param seconds how long it lasts, from its beginning
 * @param longestWait seconds for which a group should at most wait
 * @param guests who comes
 * @param played all that could be played
 * @param pauses what comes in between, in the order of time
 * @param locks what stays in its place
 * @param soFar how it went until now
 */
public record SocialRequest(
    int seconds,
    int longestWait,
    List<Guests> guests,
    List<Played> played,
    List<Pause> pauses,
    List<Locked> locks,
    SoFar soFar) {

  /** The longest social, in seconds. */
  public static final int LONGEST = 8 * 3600;

  /** The most that it can be chosen from. */
  public static final int MOST_PLAYED = 600;

  public SocialRequest {
    guests = List.copyOf(guests);
    played = List.copyOf(played);
    pauses = List.copyOf(pauses);
    locks = List.copyOf(locks);
    if (seconds < 1 || seconds > LONGEST) {
      throw new IllegalArgumentException("A social lasts a second to eight hours");
    }
    if (guests.isEmpty()) {
      throw new IllegalArgumentException("Somebody comes to a social");
    }
    if (played.size() > MOST_PLAYED) {
      throw new IllegalArgumentException("Up to " + MOST_PLAYED + " are chosen from");
    }
  }

  /**
   * How it went until now.
   *
   * @param seconds since it began
   * @param begun when the last song began; less than 0 before the first
   * @param last what was danced last
   * @param waited seconds for which groups have waited, by number; others have not
   */
  public record SoFar(int seconds, int begun, Optional<Played> last, Map<Long, Integer> waited) {
    public SoFar {
      waited = Map.copyOf(waited);
    }

    /** It is to begin. */
    public static final SoFar NOTHING = new SoFar(0, -1, Optional.empty(), Map.of());
  }

  /** The same, where other songs stay in their places. */
  public SocialRequest with(List<Locked> others) {
    return new SocialRequest(seconds, longestWait, guests, played, pauses, others, soFar);
  }

  /** All who come. */
  int heads() {
    return guests.stream().mapToInt(Guests::heads).sum();
  }
}
