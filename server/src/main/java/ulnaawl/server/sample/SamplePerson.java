package ulnaawl.server.sample;

import static ulnaawl.server.access.BuiltInRoles.CO_INSTRUCTOR;
import static ulnaawl.server.access.BuiltInRoles.INSTRUCTOR;
import static ulnaawl.server.access.BuiltInRoles.OWNER;
import static ulnaawl.server.access.BuiltInRoles.VIEWER;

import ulnaawl.server.access.Role;

/** Who is in the invented club, the first owner first. */
public enum SamplePerson {
  ODA("Oda Marsh", OWNER),
  WILMA("Wilma Otterspoor", INSTRUCTOR),
  TOMAS("Tomas Brandl", CO_INSTRUCTOR),
  INES("Ines Kallas", CO_INSTRUCTOR),
  BERTIL("Bertil Aune", VIEWER);

  private final String fullName;
  private final Role role;

  SamplePerson(String fullName, Role role) {
    this.fullName = fullName;
    this.role = role;
  }

  /** The name to sign in with. */
  public String fullName() {
    return fullName;
  }

  public Role role() {
    return role;
  }
}
