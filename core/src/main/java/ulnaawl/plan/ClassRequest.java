package ulnaawl.plan;

import java.time.LocalDate;
import java.util.List;
import ulnaawl.figure.Level;

/**
 * A class to plan.
 *
 * @param date when it is
 * @param minutes how long it lasts, {@link #LEAST_MINUTES} to {@link #MOST_MINUTES}
 * @param level the group's level
 * @param dances all dances of the club, as this group stands with them
 */
public record ClassRequest(LocalDate date, int minutes, Level level, List<DanceForGroup> dances) {

  /** The shortest class that is planned. */
  public static final int LEAST_MINUTES = 20;

  /** The longest class that is planned. */
  public static final int MOST_MINUTES = 240;

  public ClassRequest {
    dances = List.copyOf(dances);
    if (minutes < LEAST_MINUTES || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException("A class lasts 20 to 240 minutes, not " + minutes);
    }
  }
}
