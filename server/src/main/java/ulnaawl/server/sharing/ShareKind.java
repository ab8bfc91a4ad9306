package ulnaawl.server.sharing;

/** What a link shows. */
public enum ShareKind {
  /** The sheet of a dance, by names or in sentences. */
  SHEET,
  /** What is called in a dance, wall by wall. */
  CALLS,
  /** A teach of a dance. */
  TEACH,
  /** The plan of a class. */
  PLAN,
  /** A run-through for practice at home. */
  PRACTICE,
  /** What a group has learned since a day. */
  LEARNED,
  /** What a group would like to dance next: whoever has the link ticks it. */
  POLL
}
