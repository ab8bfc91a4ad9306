package ulnaawl.server.register;

/** What a group keeps of who comes; the club's choice for each group. */
public enum RegisterKind {
  NOTHING,
  HEADS,
  NAMES
}
