package ulnaawl.learning;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.SectionSet;

/**
 * Where a group stands with a dance on a day.
 *
 * @param stage how far it is
 * @param shown sections that it has been shown, by their numbers now
 * @param last when it was last touched
 * @param due when it should come back
 * @param intervalDays days between last and due; 0 where it is not started
 * @param reasons how this came about, the oldest first
 */
public record Standing(
    Stage stage,
    SectionSet shown,
    Optional<LocalDate> last,
    Optional<LocalDate> due,
    int intervalDays,
    List<LearningReason> reasons) {

  /** Of a dance that the group has never met. */
  public static final Standing NOT_STARTED =
      new Standing(
          Stage.NOT_STARTED,
          SectionSet.NONE,
          Optional.empty(),
          Optional.empty(),
          0,
          List.of(new LearningReason.NothingYet()));

  public Standing {
    reasons = List.copyOf(reasons);
  }

  /** Whether it should be on again by {@code date}. */
  public boolean isDueBy(LocalDate date) {
    return due.isPresent() && !due.get().isAfter(date);
  }
}
