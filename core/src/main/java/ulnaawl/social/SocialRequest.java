package ulnaawl.social;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

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
   * @param danced when each dance that was danced ended, in seconds from the beginning
   * @param waited seconds for which groups have waited, by number; others have not
   */
  public record SoFar(
      int seconds,
      int begun,
      Optional<Played> last,
      Map<Long, Integer> danced,
      Map<Long, Integer> waited) {
    public SoFar {
      danced = Map.copyOf(danced);
      waited = Map.copyOf(waited);
    }

    /**
     * How it stands after some songs.
     *
     * @param now seconds since the beginning; the song that is on is heard to its end
     */
    static SoFar after(List<Done> done, List<Guests> guests, int now) {
      Map<Long, Integer> waited = new HashMap<>();
      Map<Long, Integer> danced = new HashMap<>();
      for (Done one : done) {
        one.played().numbers().forEach(it -> danced.put(it, one.begun() + one.played().seconds()));
        Set<Long> who = one.played().who(guests);
        for (Guests group : guests) {
          int before = waited.getOrDefault(group.group(), 0);
          waited.put(
              group.group(), who.contains(group.group()) ? 0 : before + one.played().seconds());
        }
      }
      if (done.isEmpty()) {
        return new SoFar(now, -1, Optional.empty(), danced, waited);
      }
      Done last = done.getLast();
      int ends = last.begun() + last.played().seconds();
      return new SoFar(
          Math.max(now, ends), last.begun(), Optional.of(last.played()), danced, waited);
    }

    /** It is to begin. */
    public static final SoFar NOTHING = new SoFar(0, -1, Optional.empty(), Map.of(), Map.of());
  }

  /**
   * A song that was played.
   *
   * @param begun seconds from the beginning of the social to its change
   */
  public record Done(Played played, int begun) {}

  /**
   * The rest, when some songs were played; their dances are not danced again.
   *
   * @param now seconds since the beginning
   */
  public SocialRequest after(List<Done> done, int now) {
    Set<Long> danced = numbers(done.stream().map(Done::played).toList());
    Set<Long> twice =
        numbers(
            done.stream().map(Done::played).filter(it -> it.how() == Played.How.AGAIN).toList());
    List<Played> others =
        played.stream()
            .filter(it ->
                it.numbers().stream()
                    .noneMatch(it.how() == Played.How.AGAIN ? twice::contains : danced::contains))
            .toList();
    return new SocialRequest(
        seconds, longestWait, guests, others, pauses, locks, SoFar.after(done, guests, now));
  }

  private static Set<Long> numbers(List<Played> some) {
    return some.stream().flatMap(it -> it.numbers().stream()).collect(Collectors.toSet());
  }

  /** The same, where other songs stay in their places. */
  public SocialRequest with(List<Locked> others) {
    return with(played, others);
  }

  /** The same, chosen from others, where others stay in their places. */
  public SocialRequest with(List<Played> others, List<Locked> stay) {
    return new SocialRequest(seconds, longestWait, guests, others, pauses, stay, soFar);
  }

  /** The groups that mind waiting: something is played that they know. */
  Set<Long> waiting() {
    return played.stream()
        .filter(it -> it.how() != Played.How.WALK_IN)
        .flatMap(it -> it.who(guests).stream())
        .collect(Collectors.toSet());
  }

  /** All who come. */
  int heads() {
    return guests.stream().mapToInt(Guests::heads).sum();
  }
}
