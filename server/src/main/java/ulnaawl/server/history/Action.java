package ulnaawl.server.history;

/** What was done to a thing. */
public enum Action {
  ADDED,
  CHANGED,
  /** Removed from sight; it can be brought back, and the record keeps it. */
  ARCHIVED,
  BROUGHT_BACK,
  /** A class was written down. */
  RECORDED,
  /** What was written down was taken back. */
  TAKEN_BACK,
  IMPORTED,
  /** Somebody came in. */
  SIGNED_IN,
  /** Somebody gave a wrong password. */
  REFUSED,
  /** Somebody took a copy away. */
  EXPORTED,
  /** A sentence of an earlier release. */
  SAID
}
