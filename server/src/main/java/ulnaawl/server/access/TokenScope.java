package ulnaawl.server.access;

/** What a program may do with a token; each may do what those before it may. */
public enum TokenScope {
  /** Reads what its person may read. */
  READ,
  /** Plans, logs and notes what its person leads. */
  LEAD,
  /** Changes dances, songs, words, groups, terms and socials, where its person may. */
  WRITE
}
