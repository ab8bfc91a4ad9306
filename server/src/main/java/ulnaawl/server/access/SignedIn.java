package ulnaawl.server.access;

import java.io.Serializable;
import java.security.Principal;

/**
 * The person of a session.
 *
 * @param id the person's number
 * @param name the name, as colleagues see it
 * @param role what the person may do
 */
public record SignedIn(long id, String name, Role role) implements Principal, Serializable {
  @Override
  public String getName() {
    return name;
  }

  /** Whether this person may do what that role may. */
  public boolean isAtLeast(Role other) {
    return role.isAtLeast(other);
  }
}
