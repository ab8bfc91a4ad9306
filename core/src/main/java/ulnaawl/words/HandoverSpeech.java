package ulnaawl.words;

import java.time.LocalDate;
import java.util.List;
import ulnaawl.handover.Brief;
import ulnaawl.handover.DanceBrief;
import ulnaawl.handover.PastClass;
import ulnaawl.handover.StandIn;
import ulnaawl.handover.StandIn.Hindrance;
import ulnaawl.people.PersonId;

/** Says what one leader tells another. */
public interface HandoverSpeech {

  /** Fewer words than this say the most important of a brief. */
  int MOST_WORDS = 200;

  /** Why somebody comes where they come in the list of those who could stand in. */
  List<String> standIn(StandIn who, LocalDate today);

  /** Why somebody cannot lead: {@code Ines is away on 26 November.}. */
  String cannot(PersonId who, Hindrance why);

  /** The most important of a brief, in fewer than {@link #MOST_WORDS} words. */
  List<String> summary(Brief brief);

  /** What was done with a dance: {@code Kettle On: sections 1 to 3 taught, shaky}. */
  String done(PastClass.Done done);

  /** What has to be called besides the steps: {@code restart after 16 on wall 3}. */
  String exception(DanceBrief.Called exception);
}
