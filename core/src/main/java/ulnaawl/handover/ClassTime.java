package ulnaawl.handover;

import java.time.LocalTime;

/**
 * When a class is on its day.
 *
 * @param minutes how long it lasts, 1 or more
 */
public record ClassTime(LocalTime start, int minutes) {

  /** Whether nobody can lead both; one that begins when the other ends can be led, too. */
  public boolean overlaps(ClassTime other) {
    return startMinute() < other.endMinute() && other.startMinute() < endMinute();
  }

  private int startMinute() {
    return start.toSecondOfDay() / 60;
  }

  private int endMinute() {
    return startMinute() + minutes;
  }
}
