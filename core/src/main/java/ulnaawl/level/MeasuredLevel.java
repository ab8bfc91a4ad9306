package ulnaawl.level;

import java.util.List;
import ulnaawl.figure.Level;

/**
 * A measured level with its reasons.
 *
 * @param level the level
 * @param points ten to a level
 * @param reasons in the order they were added up
 */
public record MeasuredLevel(Level level, int points, List<LevelReason> reasons) {

  public MeasuredLevel {
    reasons = List.copyOf(reasons);
  }
}
