package ulnaawl.server.teaching;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import ulnaawl.people.PersonId;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.teach.school.School;

/**
 * A teach that somebody put together for a group, as it is stored.
 *
 * @param at the dance as its text stood when the teach was last changed
 * @param school the school that it was begun with
 * @param drills in order
 * @param version rises with every change
 * @param updatedAt in universal time
 */
record TeachRow(
    long id,
    long group,
    DanceVersion at,
    Optional<School> school,
    int minutes,
    List<SavedDrill> drills,
    PersonId madeBy,
    PersonId updatedBy,
    LocalDateTime updatedAt,
    int version) {

  TeachRow {
    drills = List.copyOf(drills);
  }
}
