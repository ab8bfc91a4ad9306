package ulnaawl.plan;

import java.util.Set;
import ulnaawl.figure.Level;
import ulnaawl.learning.Standing;

/**
 * A dance of the club as a planner sees it for one group.
 *
 * @param dance the dance's number
 * @param title its title
 * @param level its measured level
 * @param sections its sections
 * @param standing where the group stands with it
 * @param newFigures figures that the group has not met
 * @param teachMinutes minutes of a full teach in a live class, from where the group is
 * @param reminderMinutes minutes of a reminder walk-through in a live class
 * @param songMinutes minutes to dance it once to its song
 */
public record Repertoire(
    long dance,
    String title,
    Level level,
    int sections,
    Standing standing,
    Set<String> newFigures,
    int teachMinutes,
    int reminderMinutes,
    int songMinutes) {

  public Repertoire {
    newFigures = Set.copyOf(newFigures);
  }
}
