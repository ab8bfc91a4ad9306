package ulnaawl.server.history;

import java.util.List;
import java.util.Optional;

/** How a feature writes a version of its things as lines, so that two can be compared. */
public interface HistoryText {

  /** The kind of thing that it can write. */
  Thing thing();

  /**
   * The lines of a version.
   *
   * @param content as it stands in the log, if it does
   * @return empty where that version is not known
   */
  Optional<List<String>> lines(long id, int version, Optional<String> content);
}
