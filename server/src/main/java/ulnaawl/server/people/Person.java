package ulnaawl.server.people;

import java.time.LocalDateTime;
import java.util.Optional;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.SignedIn;

/**
 * Somebody of the club.
 *
 * @param version counts the changes of name and role, from 1
 * @param active whether they may sign in; else they have left, and the records keep their name
 * @param lastSeen when they last asked for anything, to the hour, in universal time
 */
public record Person(
    long id,
    String name,
    String passwordHash,
    Role role,
    int version,
    boolean active,
    Optional<LocalDateTime> lastSeen) {

  /** By what the records know them. */
  public PersonId person() {
    return new PersonId(id);
  }

  /** As the person of a session. */
  public SignedIn signedIn() {
    return new SignedIn(id, name, role);
  }
}
