package ulnaawl.server.sample;

import ulnaawl.server.access.Role;

/** Who is in the invented club, the first owner first. */
public enum SamplePerson {
  ODA("Oda Marsh", Role.OWNER),
  WILMA("Wilma Otterspoor", Role.INSTRUCTOR),
  TOMAS("Tomas Brandl", Role.CO_INSTRUCTOR),
  INES("Ines Kallas", Role.CO_INSTRUCTOR),
  BERTIL("Bertil Aune", Role.VIEWER);

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
