package ulnaawl.server.people;

import ulnaawl.server.platform.Role;
import ulnaawl.server.platform.SignedIn;

/**
 * Somebody of the club.
 *
 * @param version counts the changes of name and role, from 1
 * @param active whether they may sign in; else they have left, and the records keep their name
 */
public record Person(
    long id, String name, String passwordHash, Role role, int version, boolean active) {

  /** As the person of a session. */
  public SignedIn signedIn() {
    return new SignedIn(id, name, role);
  }
}
