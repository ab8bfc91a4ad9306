package ulnaawl.social;

import java.util.List;

/**
 * Why a song stands where it does.
 *
 * @param amount how much: percent of all who come, people, minutes begun, points of effort too many
 *     (less than 0 for too few); 1 else
 * @param groups the groups that it is about
 * @param points what it adds
 */
public record SocialReason(SocialWeight weight, int amount, List<Long> groups, int points) {
  public SocialReason {
    groups = List.copyOf(groups);
  }
}
