package ulnaawl.teach;

/**
 * How often a piece is danced in a way.
 *
 * @param mode how
 * @param percent at which pace; 100 in words
 * @param turns in thousandths of a turn: half a section in a join counts for less than one
 */
public record Exposure(Mode mode, int percent, int turns) {

  /** As it is shown: {@code 3 times in counts at 70 %}. */
  public String words() {
    int tenths = (turns + 50) / 100;
    String times = tenths / 10 + (tenths % 10 == 0 ? "" : "." + tenths % 10);
    return times
        + (tenths == 10 ? " time " : " times ")
        + mode.label()
        + (mode == Mode.WORDS ? "" : " at " + percent + " %");
  }
}
