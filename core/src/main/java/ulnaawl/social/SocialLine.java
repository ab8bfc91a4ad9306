package ulnaawl.social;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A line of the order.
 *
 * @param start seconds from the beginning of the social; of a song the change before it is counted
 *     with it
 * @param seconds how long
 * @param played the song and who is on the floor; empty in a pause
 * @param pause what comes in between; empty for a song
 * @param who the groups that dance
 * @param reasons why it stands there
 */
public record SocialLine(
    int start,
    int seconds,
    Optional<Played> played,
    Optional<Pause.Kind> pause,
    Set<Long> who,
    List<SocialReason> reasons) {
  public SocialLine {
    who = Set.copyOf(who);
    reasons = List.copyOf(reasons);
  }

  /** The groups that, while it is danced, sit for longer than they should. */
  public Set<Long> sittingTooLong() {
    return reasons.stream()
        .filter(it -> it.weight() == SocialWeight.WAIT)
        .flatMap(it -> it.groups().stream())
        .collect(Collectors.toSet());
  }

  /** What it adds to the order. */
  public int points() {
    return reasons.stream().mapToInt(SocialReason::points).sum();
  }
}
