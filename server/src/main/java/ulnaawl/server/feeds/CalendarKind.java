package ulnaawl.server.feeds;

/** Whose classes a calendar shows. */
public enum CalendarKind {
  /** Those that its owner leads. */
  MINE,
  /** Those of a group. */
  GROUP,
  /** All of the club. */
  CLUB
}
