package ulnaawl.teach.cue;

/**
 * A call with its moment.
 *
 * @param text what is called; blank where nothing fits and it must be known by heart
 * @param full what would be called if there were time
 * @param how whether it had to be changed
 * @param startTick when one begins to say it, in ticks from the start of its section, twelve to a
 *     count; less than 0 before the section
 * @param danceTick when it is danced, in the same ticks
 * @param syllables of the text
 */
public record Cue(String text, String full, How how, int startTick, int danceTick, int syllables) {

  /** How a call came out. */
  public enum How {
    /** It is said in full, just before it is danced. */
    FITS,
    /** Words were left out. */
    SHORTENED,
    /** It is said earlier, while an earlier figure is still danced. */
    MOVED,
    /** There is no time for it. */
    SILENT
  }

  /** What is called. */
  public enum Style {
    /** Names of figures. */
    NAMES,
    /** Each step. */
    STEPS,
    /** Counts, as written. */
    COUNTS,
    /** Counts, every step numbered. */
    NUMBERED
  }
}
