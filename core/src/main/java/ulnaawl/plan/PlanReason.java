package ulnaawl.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;

/** Why a line stands in a running order. It is stored with the class; the words are made later. */
public sealed interface PlanReason {

  /** Warming up, for so many minutes of what is advised. */
  record WarmsUp(int minutes, int advised) implements PlanReason {}

  /** Cooling down, for so many minutes of what is advised. */
  record CoolsDown(int minutes, int advised) implements PlanReason {}

  /** An easy dance early on; planned so by an earlier release. */
  record EasiestToWarmUp(Level level) implements PlanReason {}

  /** There was no dance yet that the group had learned; said by an earlier release. */
  record NothingToWarmUp() implements PlanReason {}

  /** Something known to end on. */
  record KnownToEndOn() implements PlanReason {}

  /**
   * No dance that is known well enough to end on comes out best at the end by rules and weights.
   */
  record NoKnownFits() implements PlanReason {}

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

  /** It was shown to the end, but to too few of those who come now. */
  record FewWereThere(int there, int of) implements PlanReason {}

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

  /**
   * A new figure rests on one that the group has not met.
   *
   * @param figure by the figure book's name
   * @param on what leads to it
   */
  record NotLedTo(String figure, String on) implements PlanReason {}

  /** How many of its figures the group has met, in percent. */
  record Alike(int percent) implements PlanReason {}

  /** People asked for it. */
  record AskedFor(List<String> who, LocalDate since) implements PlanReason {
    public AskedFor {
      who = List.copyOf(who);
      if (who.isEmpty()) {
        throw new IllegalArgumentException("Nobody asked");
      }
    }
  }

  /** It belongs to a theme of these weeks. */
  record OfTheme(String theme) implements PlanReason {}

  /** The plan of the term has it in this class. */
  record OfTerm() implements PlanReason {}

  /** It is new, and the plan of the term begins it in a later class. */
  record TermBeginsIt(LocalDate on) implements PlanReason {}

  /** Other groups know it: good for a social. */
  record OthersKnow(int groups) implements PlanReason {}

  /** Who leads has neither taught nor danced it, as far as the record says. */
  record LeaderUnsure() implements PlanReason {}

  /** Another style than what the group has learned last. */
  record OtherStyle(String style) implements PlanReason {}

  /** No song with a length is there to dance it to. */
  record NoSong() implements PlanReason {}

  /** How long its teach takes; {@code whole} where that fits. */
  record TeachTakes(int minutes, boolean whole) implements PlanReason {}

  /** A class needs a break at least every hour. */
  record NeedsRest(int classMinutes) implements PlanReason {}

  /** What was taught in the same class. */
  record TaughtToday() implements PlanReason {}

  /** It can be danced; how well it is remembered, in percent. */
  record Danced(Stage stage, int strength) implements PlanReason {}

  /** Danced once, it stays fresh. */
  record KeepsFresh(Optional<LocalDate> due) implements PlanReason {}

  /** Minutes for which no block is left that keeps the rules. */
  record MinutesLeft(int minutes) implements PlanReason {}

  /** Somebody chose it. */
  record ChosenBy(PersonId person) implements PlanReason {}

  /** A sentence of an earlier release, as it was stored then. */
  record SaidThen(String sentence) implements PlanReason {}
}
