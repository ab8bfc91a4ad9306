package ulnaawl.learning;

import java.time.LocalDate;
import ulnaawl.dance.SectionSet;

/** Why a group stands where it stands with a dance. */
public sealed interface LearningReason {

  /** There is no evidence at all. */
  record NothingYet() implements LearningReason {}

  /**
   * Something happened.
   *
   * @param gapBefore days of the gap before it; 0 where there was none
   * @param gapAfter days after which the dance should come back
   */
  record Step(
      LocalDate date,
      Happened happened,
      SectionSet sections,
      Outcome outcome,
      int gapBefore,
      int gapAfter)
      implements LearningReason {}

  /** It was not danced for more than twice its gap. */
  record Stale(int gapDays) implements LearningReason {}

  /** The last time went wrong. */
  record LostLastTime() implements LearningReason {}

  /** It was taught to the end once, and these sections came into the text since. */
  record NewSince(SectionSet sections) implements LearningReason {}
}
