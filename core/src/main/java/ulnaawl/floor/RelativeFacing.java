package ulnaawl.floor;

/**
 * Where the body points as if its wall, tag or other passage began at 12: the way a sheet is
 * written. Never the clock of the room; {@link #in} leads there.
 *
 * @param eighths 0 (12 o'clock) to 7 (10:30), to the right of where the passage begins
 */
public record RelativeFacing(int eighths) {

  /** Where the passage begins. */
  public static final RelativeFacing START = new RelativeFacing(0);

  public RelativeFacing {
    if (eighths < 0 || eighths > 7) {
      throw new IllegalArgumentException("A facing has 0 to 7 eighths, not " + eighths);
    }
  }

  public RelativeFacing plus(Turn turn) {
    return new RelativeFacing(Math.floorMod(eighths + turn.eighths(), 8));
  }

  /** The shortest turn to the right that leads from here to {@code other}, 0 to 7 eighths. */
  public Turn turnTo(RelativeFacing other) {
    return new Turn(Math.floorMod(other.eighths - eighths, 8));
  }

  /** On the clock of the room, for a passage that begins facing {@code start}. */
  public Facing in(Facing start) {
    return start.plus(new Turn(eighths));
  }

  /** As instructors say it: {@code 12}, {@code 1:30}, {@code 3} … {@code 10:30}. */
  public String clock() {
    return new Facing(eighths).clock();
  }

  /** Clock hours as a number: 12, 1.5, 3, 4.5 … 10.5. */
  public double hours() {
    return new Facing(eighths).hours();
  }
}
