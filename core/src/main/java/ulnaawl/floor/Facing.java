package ulnaawl.floor;

import java.util.Locale;
import java.util.Optional;

/**
 * Where the body points on the clock of the room, in eighths of a turn to the right of 12 o'clock,
 * the front of the hall. What is told as if a wall began at 12 is a {@link RelativeFacing}.
 *
 * @param eighths 0 (12 o'clock) to 7 (10:30)
 */
public record Facing(int eighths) {

  /** 12 o'clock. */
  public static final Facing FRONT = new Facing(0);

  private static final String[] CLOCK = {"12", "1:30", "3", "4:30", "6", "7:30", "9", "10:30"};

  public Facing {
    if (eighths < 0 || eighths > 7) {
      throw new IllegalArgumentException("A facing has 0 to 7 eighths, not " + eighths);
    }
  }

  /** The facing that a person means: a clock time, or front, back, home. */
  public static Optional<Facing> named(String words) {
    String wanted = words.strip().toLowerCase(Locale.ROOT);
    for (int i = 0; i < CLOCK.length; i++) {
      boolean fullHour = !CLOCK[i].contains(":");
      if (wanted.equals(CLOCK[i]) || (fullHour && wanted.equals(CLOCK[i] + ":00"))) {
        return Optional.of(new Facing(i));
      }
    }
    return switch (wanted) {
      case "front", "home" -> Optional.of(FRONT);
      case "back" -> Optional.of(new Facing(4));
      default -> Optional.empty();
    };
  }

  public Facing plus(Turn turn) {
    return turn.isNone() ? this : new Facing(Math.floorMod(eighths + turn.eighths(), 8));
  }

  /** The shortest turn to the right that leads from here to {@code other}, 0 to 7 eighths. */
  public Turn turnTo(Facing other) {
    return new Turn(Math.floorMod(other.eighths - eighths, 8));
  }

  /** Clock hours as a number: 12, 1.5, 3, 4.5 … 10.5. */
  public double hours() {
    return eighths == 0 ? 12 : eighths * 1.5;
  }

  /** As instructors say it: {@code 12}, {@code 1:30}, {@code 3} … {@code 10:30}. */
  public String clock() {
    return CLOCK[eighths];
  }
}
