package ulnaawl.learning;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Register.Presence;

/**
 * Where a group stands with a dance on a day.
 *
 * @param stage how far it is; what a person says of it where somebody did
 * @param fromRecord how far it is by the record alone
 * @param shown sections that it has been shown, by their numbers now
 * @param last when it was last touched
 * @param due when it should come back: the class on or after this day
 * @param intervalDays days between last and due; 0 where it is not started
 * @param strength how well it is remembered on that day, in percent; 0 where it is not started
 * @param coverage how many of today's regulars were shown it, where that is known
 * @param trouble sections that went shaky or were lost the last time somebody said how they went
 * @param ruling what a person says against the record, where somebody did
 * @param reasons how this came about, the oldest first
 */
public record Standing(
    Stage stage,
    Stage fromRecord,
    SectionSet shown,
    Optional<LocalDate> last,
    Optional<LocalDate> due,
    int intervalDays,
    int strength,
    Optional<Presence> coverage,
    SectionSet trouble,
    Optional<Ruling> ruling,
    List<LearningReason> reasons) {

  /** Of a dance that the group has never met. */
  public static final Standing NOT_STARTED =
      new Standing(
          Stage.NOT_STARTED,
          Stage.NOT_STARTED,
          SectionSet.NONE,
          Optional.empty(),
          Optional.empty(),
          0,
          0,
          Optional.empty(),
          SectionSet.NONE,
          Optional.empty(),
          List.of(new LearningReason.NothingYet()));

  public Standing {
    reasons = List.copyOf(reasons);
  }

  /** Whether it should be on again by {@code date}. */
  public boolean isDueBy(LocalDate date) {
    return due.isPresent() && !due.get().isAfter(date);
  }
}
