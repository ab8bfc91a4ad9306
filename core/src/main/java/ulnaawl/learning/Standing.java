package ulnaawl.learning;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * Where a group stands with a dance on a day.
 *
 * @param stage how far it is
 * @param sections sections that it has been shown
 * @param last when it was last touched
 * @param due when it should come back
 * @param intervalDays days between last and due; 0 where it is not started
 * @param reasons how this came about, in words and numbers
 */
public record Standing(
    Stage stage,
    int sections,
    Optional<LocalDate> last,
    Optional<LocalDate> due,
    int intervalDays,
    List<String> reasons) {

  public Standing {
    reasons = List.copyOf(reasons);
  }

  /** Whether it should be on again by {@code date}. */
  public boolean isDueBy(LocalDate date) {
    return due.isPresent() && !due.get().isAfter(date);
  }
}
