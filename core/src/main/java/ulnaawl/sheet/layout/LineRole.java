package ulnaawl.sheet.layout;

/** What a line of a sheet is for. */
public enum LineRole {
  /** Nothing but spaces and ornaments. */
  EMPTY,
  /** A fact of the head: title, counts, song. */
  FACT,
  /** A level that is none of ours; the nearest was taken. */
  NEAR_LEVEL,
  /** A heading. */
  HEADING,
  /** Steps, or a part of them. */
  STEPS,
  /** A restart, tag, bridge, repeat or ending that was understood. */
  WALLS,
  /** A remark of the sheet: kept, and nothing to dance. */
  REMARK,
  /** It seems to say something of the dance, and was not understood. */
  UNREAD
}
