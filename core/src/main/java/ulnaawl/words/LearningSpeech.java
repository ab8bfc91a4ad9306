package ulnaawl.words;

import java.time.LocalDate;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.LearningReason;
import ulnaawl.learning.LookBack;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Stage;

/** Says what a group has learned. */
public interface LearningSpeech {

  String reason(LearningReason reason);

  String stage(Stage stage);

  String happened(Happened happened);

  String outcome(Outcome outcome);

  /** What became of dances in some weeks, as a heading. */
  String became(LookBack.Became became);

  /** The heading for what was planned and not begun. */
  String notBegun();

  /** From a day to another one. */
  String span(LocalDate from, LocalDate until);

  /**
   * Some weeks in a sentence.
   *
   * @param days on which something was danced or taught
   * @param planned dances that were planned to be learned
   * @param learned how many of these were
   * @param figures that were met for the first time
   */
  String report(int days, int planned, int learned, int figures);

  /** Section numbers in a list: {@code section 3}, {@code sections 1 to 3 and 5}. */
  String sections(SectionSet sections);
}
