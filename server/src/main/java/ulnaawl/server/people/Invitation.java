package ulnaawl.server.people;

import java.time.LocalDateTime;
import ulnaawl.server.access.Role;

/**
 * A way into the club for one person, as long as it is good.
 *
 * @param name whom it is for; may be empty
 * @param goodUntil in universal time
 */
record Invitation(
    long id,
    String name,
    Role role,
    String madeBy,
    LocalDateTime madeAt,
    LocalDateTime goodUntil) {}
