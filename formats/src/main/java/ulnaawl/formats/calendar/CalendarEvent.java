package ulnaawl.formats.calendar;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;

/**
 * Something in a calendar that was read.
 *
 * @param line where it begins in the file, from 1
 * @param summary what it is called; may be empty
 * @param from its first day on the clock of the club
 * @param to its last day, on or after the first
 * @param hours when it is on its day; empty where it takes whole days
 * @param cancelled whether it does not take place
 */
public record CalendarEvent(
    int line,
    String summary,
    LocalDate from,
    LocalDate to,
    Optional<Hours> hours,
    boolean cancelled) {

  /**
   * Hours of a day.
   *
   * @param minutes how long it lasts; 0 where the calendar does not say
   */
  public record Hours(LocalTime startsAt, int minutes) {}
}
