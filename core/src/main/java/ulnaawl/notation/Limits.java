package ulnaawl.notation;

/** How much step text is read. Generous for any dance, small enough to answer at once. */
public final class Limits {

  /** Characters in a step text. */
  public static final int TEXT = 64 * 1024;

  /** Characters in a line. */
  public static final int LINE = 1000;

  /** Sections, tags, bridges, endings and options together. */
  public static final int BLOCKS = 96;

  /** Step lines in one section, tag or option. */
  public static final int LINES_IN_BLOCK = 64;

  /** Lines of phrasing. */
  public static final int PHRASES = 200;

  /** Songs of a dance. */
  public static final int SONGS = 40;

  /** Counts in a tag, bridge or ending. */
  public static final int EXTRA_COUNTS = 64;

  /** The largest number of a count that is read at all. */
  public static final int COUNT = 512;

  /** Times that an item or a section is repeated. */
  public static final int REPEATS = 32;

  /** The highest number of a wall. */
  public static final int WALL = 99;

  /** Diagnostics that are kept for one text; more would only tire. */
  public static final int DIAGNOSTICS = 200;

  private Limits() {}
}
