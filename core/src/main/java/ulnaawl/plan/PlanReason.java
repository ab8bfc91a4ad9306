package ulnaawl.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;

/** Why a line stands in a running order. It is stored with the class; the words are made later. */
public sealed interface PlanReason {

  /** The easiest dance that the group has, to warm up. */
  record EasiestToWarmUp(Level level) implements PlanReason {}

  /** There is no easy dance yet that the group knows. */
  record NothingToWarmUp() implements PlanReason {}

  /** Something known to end on. */
  record KnownToEndOn() implements PlanReason {}

  /** Nothing is known well enough yet to end on. */
  record NothingToEndOn() implements PlanReason {}

  /**
   * It is due.
   *
   * @param due the day on which it should have come back
   * @param on the day of the class
   * @param walkMinutes minutes of the walk-through before it is danced
   */
  record Due(LocalDate due, LocalDate on, Stage stage, int walkMinutes) implements PlanReason {}

  /** It was started and is gone on with. */
  record GoOn(SectionSet shown, int sections) implements PlanReason {}

  /**
   * A new dance.
   *
   * @param level its measured level
   * @param group the group's level
   * @param newFigures figures that it brings, by the club's words, sorted
   */
  record NewDance(Level level, Level group, List<String> newFigures) implements PlanReason {
    public NewDance {
      newFigures = List.copyOf(newFigures);
    }
  }

  /** How long its teach takes; {@code whole} where that fits. */
  record TeachTakes(int minutes, boolean whole) implements PlanReason {}

  /** A long class needs a rest. */
  record NeedsRest(int classMinutes) implements PlanReason {}

  /** What was taught in the same class. */
  record TaughtToday() implements PlanReason {}

  /** Danced once, it stays fresh. */
  record KeepsFresh(Optional<LocalDate> due) implements PlanReason {}

  /** Minutes are left and nothing else is due. */
  record MinutesLeft(int minutes) implements PlanReason {}

  /** Somebody chose it. */
  record ChosenBy(String name) implements PlanReason {}

  /** A sentence of an earlier release, as it was stored then. */
  record SaidThen(String sentence) implements PlanReason {}
}
