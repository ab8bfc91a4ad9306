package ulnaawl.server.vocabulary;

import java.util.Optional;
import ulnaawl.people.PersonId;

/**
 * A text that the club has written for itself.
 *
 * @param version rises with every change; 0 before the first
 * @param updatedBy empty before the first change
 */
record ClubText(String content, int version, Optional<PersonId> updatedBy) {

  static final ClubText NONE = new ClubText("", 0, Optional.empty());

  /** Which text. */
  enum Kind {
    OWN_FIGURES,
    LEVEL_TABLE
  }
}
