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

  /**
   * Whether a version can only be compared as it is written, so that another one is, too.
   *
   * @return false unless the feature knows better
   */
  default boolean isOnlyWritten(long id, int version) {
    return false;
  }

  /** The lines of a version as it is written. */
  default Optional<List<String>> written(long id, int version, Optional<String> content) {
    return lines(id, version, content);
  }
}
