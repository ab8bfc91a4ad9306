package ulnaawl.formats.calendar;

import java.time.ZonedDateTime;

/**
 * A class in a calendar.
 *
 * @param uid what it is called for ever, the same each time the calendar is written
 * @param start when it begins, in the zone of the club
 * @param minutes how long it lasts, 1 or more
 * @param summary what a calendar shows first
 * @param place where; may be empty
 * @param description what else there is to say; may be empty
 * @param cancelled whether it does not take place
 * @param revision how often it has been changed, 0 or more
 */
public record CalendarClass(
    String uid,
    ZonedDateTime start,
    int minutes,
    String summary,
    String place,
    String description,
    boolean cancelled,
    int revision) {}
