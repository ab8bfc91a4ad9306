package ulnaawl.server.calendar;

import java.time.LocalDate;

/**
 * Days on which somebody cannot lead.
 *
 * @param person by number
 * @param to the last one
 */
public record AwayRow(long id, long person, LocalDate from, LocalDate to, String note) {

  public boolean has(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(to);
  }
}
