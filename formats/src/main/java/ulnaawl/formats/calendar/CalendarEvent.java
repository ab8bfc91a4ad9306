package ulnaawl.formats.calendar;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.regex.Pattern;

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

  private static final Pattern CLOSED =
      Pattern.compile(
          "(?i)\\b(closed|closure|no class(es)?|no dancing|shut)\\b",
          Pattern.UNICODE_CHARACTER_CLASS);

  /**
   * Whether it says that nobody dances. That a day is a holiday does not say so. The words: common
   * practice, no source.
   */
  public boolean saysClosed() {
    return CLOSED.matcher(summary).find();
  }

  /**
   * Hours of a day.
   *
   * @param minutes how long it lasts; 0 where the calendar does not say
   */
  public record Hours(LocalTime startsAt, int minutes) {}
}
