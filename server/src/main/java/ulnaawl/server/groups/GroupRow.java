package ulnaawl.server.groups;

import java.time.DayOfWeek;
import java.time.LocalTime;
import ulnaawl.figure.Level;

/**
 * A group as it is stored.
 *
 * @param weekday when it meets
 * @param minutes how long its class lasts
 * @param place where
 * @param archived whether it has been removed from sight
 */
public record GroupRow(
    long id,
    String name,
    Level level,
    DayOfWeek weekday,
    LocalTime startsAt,
    int minutes,
    String place,
    int version,
    boolean archived) {

  /** What can be said about it. */
  GroupDraft draft() {
    return new GroupDraft(name, level, weekday, startsAt, minutes, place);
  }
}
