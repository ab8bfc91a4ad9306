package ulnaawl.learning;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The days on which a group meets: a day of the week, closed dates left out.
 *
 * @param weekday the day of the week
 * @param closed days without a class
 */
public record ClassDays(DayOfWeek weekday, Set<LocalDate> closed) {

  private static final int MOST_WEEKS = 60;

  public ClassDays {
    closed = Set.copyOf(closed);
  }

  /** The class on or after a day; that day's week's where everything is closed for a year. */
  public LocalDate onOrAfter(LocalDate day) {
    LocalDate first = day.with(TemporalAdjusters.nextOrSame(weekday));
    for (int week = 0; week < MOST_WEEKS; week++) {
      LocalDate next = first.plusWeeks(week);
      if (!closed.contains(next)) {
        return next;
      }
    }
    return first;
  }

  /** The classes from one day to another, both among them, the first one first. */
  public Stream<LocalDate> between(LocalDate from, LocalDate to) {
    return Stream.iterate(
            from.with(TemporalAdjusters.nextOrSame(weekday)),
            day -> !day.isAfter(to),
            day -> day.plusWeeks(1))
        .filter(day -> !closed.contains(day));
  }
}
