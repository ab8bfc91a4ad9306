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
  /** What a person says of a dance and a group against the record. */
  RULING,
  /** Somebody asked for a dance. */
  REQUEST,
  /** Who comes to a group. */
  REGISTER,
  /** A note or a question to whoever leads a group. */
  NOTE,
  /** A change that somebody proposes. */
  PROPOSAL,
  /** A link for people without an account. */
  SHARE,
  /** Closed days, themes, and the tags of dances. */
  CALENDAR,
  TERM,
  SOCIAL,
  VOCABULARY,
  PERSON,
  /** Coming in, with a password or a link. */
  SESSION,
  /** Copies that are taken away. */
  EXPORT,
  /** Written by an earlier release, as a sentence. */
  EARLIER
}
