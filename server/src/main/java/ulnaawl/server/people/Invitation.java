package ulnaawl.server.people;

import java.time.LocalDateTime;
import java.util.Optional;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Role;

/**
 * A way into the club for one person, as long as it is good.
 *
 * @param name whom it is for; may be empty
 * @param back who may come back with it, where they had left
 * @param goodUntil in universal time
 */
record Invitation(
    long id,
    String name,
    Optional<PersonId> back,
    Role role,
    PersonId madeBy,
    LocalDateTime madeAt,
    LocalDateTime goodUntil) {}
