package ulnaawl.server.access;

/** What a person may do; each one may do what the ones after it may. */
public enum Role {
  /** Everything: people, invitations, backups, what is shared with whom. */
  OWNER,
  /** Dances, songs, groups, classes, the record; takes proposals over. */
  INSTRUCTOR,
  /** Leads and logs classes, changes their plans and teaches; proposes changes to the rest. */
  CO_INSTRUCTOR,
  /** Looks on; sees no names of dancers. */
  VIEWER;

  /** Whether this one may do what the other one may. */
  public boolean isAtLeast(Role other) {
    return compareTo(other) <= 0;
  }
}
