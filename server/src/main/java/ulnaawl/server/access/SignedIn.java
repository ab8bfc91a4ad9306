package ulnaawl.server.access;

import java.io.Serializable;
import java.security.Principal;
import ulnaawl.people.PersonId;

/**
 * The person of a session.
 *
 * @param id the person's number
 * @param name the name, as colleagues see it
 * @param role what the person may do
 */
public record SignedIn(long id, String name, Role role) implements Principal, Serializable {
  /** By what they are known where names do not matter. */
  public PersonId person() {
    return new PersonId(id);
  }

  /** The number, which stays theirs; what they are called may be another's tomorrow. */
  @Override
  public String getName() {
    return String.valueOf(id);
  }

  public boolean may(Ability ability) {
    return role.may(ability);
  }
}
