package ulnaawl.server.history;

/** What kind of thing was changed. */
public enum Thing {
  DANCE,
  SONG,
  GROUP,
  CLASS,
  TEACH,
  WATCH_OUT,
  EVIDENCE,
  VOCABULARY,
  PERSON,
  /** Written by an earlier release, as a sentence. */
  EARLIER
}
