package ulnaawl.learning;

import java.time.LocalDate;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Register.Presence;

/** Why a group stands where it stands with a dance. */
public sealed interface LearningReason {

  /** There is no evidence at all. */
  record NothingYet() implements LearningReason {}

  /**
   * Something happened.
   *
   * @param strength how well it was remembered just before, in percent; 0 the first time
   * @param gapAfter days after which the dance should come back
   */
  record Step(
      LocalDate date,
      Happened happened,
      SectionSet sections,
      Outcome outcome,
      int strength,
      int gapAfter)
      implements LearningReason {}

  /** It has faded below what still counts as known, in percent. */
  record Faded(int strength, int least) implements LearningReason {}

  /** The last time went wrong. */
  record LostLastTime() implements LearningReason {}

  /** It was taught to the end once, and these sections came into the text since. */
  record NewSince(SectionSet sections) implements LearningReason {}

  /** Too few of those who come now were shown it: the dance is only half taught. */
  record FewWereThere(Presence presence, int least) implements LearningReason {}

  /**
   * A person says otherwise.
   *
   * @param record what the record says
   */
  record Ruled(Ruling ruling, Stage record) implements LearningReason {}
}
