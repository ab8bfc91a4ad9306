package ulnaawl.server.exchange;

import java.util.List;
import java.util.Optional;
import ulnaawl.server.access.SignedIn;

/** What a feature makes of the files that are brought. */
public interface Incoming {

  Kind kind();

  /**
   * What is in the files for it; nothing is changed.
   *
   * @param coming what those before it bring; it adds its own
   */
  List<Found> look(Brought brought, Coming coming);

  /**
   * Undoes what it took, as far as nobody has changed it since.
   *
   * @return why it stays as it is; empty where it is undone
   */
  Optional<String> undo(Taken taken, SignedIn me);
}
