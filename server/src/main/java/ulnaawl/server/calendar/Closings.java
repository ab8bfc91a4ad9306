package ulnaawl.server.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ulnaawl.learning.ClassDays;

/** All days without a class, as they stand at one moment. */
public record Closings(List<ClosedRow> all) {

  public Closings {
    all = List.copyOf(all);
  }

  /** The days on which a group meets. */
  public ClassDays daysOf(long group, DayOfWeek weekday) {
    Set<LocalDate> closed =
        all.stream()
            .filter(it -> it.isFor(group))
            .flatMap(ClosedRow::days)
            .collect(Collectors.toSet());
    return new ClassDays(weekday, closed);
  }

  /** Why a group has no class on a day; empty where it has one. */
  public Optional<ClosedRow> on(long group, LocalDate day) {
    return all.stream().filter(it -> it.isFor(group) && it.has(day)).findFirst();
  }
}
