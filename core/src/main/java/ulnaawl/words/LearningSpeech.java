package ulnaawl.words;

import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.LearningReason;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Stage;

/** Says what a group has learned. */
public interface LearningSpeech {

  String reason(LearningReason reason);

  String stage(Stage stage);

  String happened(Happened happened);

  String outcome(Outcome outcome);

  /** Section numbers in a list: {@code section 3}, {@code sections 1 to 3 and 5}. */
  String sections(SectionSet sections);
}
