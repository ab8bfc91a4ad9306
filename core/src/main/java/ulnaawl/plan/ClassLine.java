package ulnaawl.plan;

import java.util.Optional;

/**
 * One line of a running order.
 *
 * @param start minutes from the start of the class
 * @param minutes how long, 1 or more
 * @param kind what it is for
 * @param dance the dance's number; empty for a warm-up or break without one
 * @param title what is written on the line
 * @param reason why it is there
 */
public record ClassLine(
    int start, int minutes, Kind kind, Optional<Long> dance, String title, String reason) {

  /** What a line of a class is for. */
  public enum Kind {
    WARM_UP("Warm-up"),
    REMINDER("Reminder"),
    TEACH("Teach"),
    BREAK("Break"),
    PRACTICE("Practice"),
    FINISH("Finish");

    private final String label;

    Kind(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }
}
