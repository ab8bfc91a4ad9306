package ulnaawl.social;

import java.util.List;
import java.util.Map;

/**
 * The order of a social.
 *
 * @param lines in order
 * @param points what it is worth by the table of weights
 * @param gap points by which a better one could differ at most; 0 where none is better
 * @param longestWaits the longest wait of each group, in seconds of others dancing
 */
public record SocialPlan(
    List<SocialLine> lines, int points, int gap, Map<Long, Integer> longestWaits) {
  public SocialPlan {
    lines = List.copyOf(lines);
    longestWaits = Map.copyOf(longestWaits);
  }
}
