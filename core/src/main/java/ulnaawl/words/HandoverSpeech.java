package ulnaawl.words;

import java.time.LocalDate;
import java.util.List;
import ulnaawl.handover.StandIn;

/** Says what one leader tells another. */
public interface HandoverSpeech {

  /** Why somebody comes where they come in the list of those who could stand in. */
  List<String> standIn(StandIn who, LocalDate today);
}
