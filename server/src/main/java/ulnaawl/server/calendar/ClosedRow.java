package ulnaawl.server.calendar;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
import ulnaawl.people.PersonId;

/**
 * Days without a class, as they are stored.
 *
 * @param group whose; empty for all groups
 * @param from the first day
 * @param to the last day, on or after the first
 * @param note why; may be empty
 * @param by who wrote it down
 */
public record ClosedRow(
    long id, Optional<Long> group, LocalDate from, LocalDate to, String note, PersonId by) {

  /** Whether a group has no class on them. */
  public boolean isFor(long other) {
    return group.isEmpty() || group.get() == other;
  }

  /** Whether a day is one of them. */
  public boolean has(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(to);
  }

  Stream<LocalDate> days() {
    return from.datesUntil(to.plusDays(1));
  }
}
