package ulnaawl.server.platform;

/** What a person may do. */
public enum Role {
  /** Everything: dances, groups, people, classes, the record. */
  INSTRUCTOR,
  /** Reads everything; plans classes and writes the record. */
  CO_INSTRUCTOR
}
