package ulnaawl.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import ulnaawl.figure.Level;
import ulnaawl.plan.solve.Rules.Window;

/**
 * What every class has, whatever is danced in it: warm-up, breaks, cool-down, and effort that rises
 * and falls.
 *
 * @param minutes of the class
 * @param level of the group
 */
public record Frame(int minutes, Level level) {

  static final int BREAK = 5;
  private static final int PRACTICE_MORE = 3;
  private static final int TOLERANCE = 10;

  /**
   * Nobody dances for longer than this many minutes without a break. Common practice, no source.
   */
  static final int HOUR = 60;

  /** Shorter than this many minutes, a warm-up, a cool-down or a break is none. Rule of thumb. */
  static final int SHORTEST = 3;

  private static final int LAST_BREAK_BEFORE_END = 15;

  /**
   * Minutes of warm-up that are advised: 5 to 10 of light to moderate movement (ACSM's Guidelines
   * for Exercise Testing and Prescription, from memory); the longer ones for long classes.
   */
  int warmUp() {
    return Math.clamp(minutes / 10, 5, 10);
  }

  /** Minutes of cool-down that are advised: 5 at least, by the same guidelines. */
  int coolDown() {
    return minutes < 30 ? SHORTEST : 5;
  }

  /** How many minutes less than advised are still done where time is short. */
  int atLeast(int advised) {
    return Math.max(SHORTEST, advised - 2);
  }

  /**
   * When each break may begin. At least one an hour, two in two hours, spread evenly: a class of an
   * hour has one. Common practice, no source.
   */
  List<Window> pauses() {
    List<Window> windows = new ArrayList<>();
    int breaks = minutes < HOUR ? 0 : Math.max(1, (minutes + LAST_BREAK_BEFORE_END) / HOUR);
    for (int i = 1; i <= breaks; i++) {
      int even = i * minutes / (breaks + 1);
      windows.add(new Window(Math.max(1, even - TOLERANCE), Math.min(i * HOUR, even + TOLERANCE)));
    }
    return windows;
  }

  /** Minutes for dances: those of the class without warm-up, breaks and cool-down. */
  public int danceMinutes() {
    return Math.max(0, minutes - warmUp() - coolDown() - pauses().size() * BREAK);
  }

  /** Minutes to dance what was just taught, slow to full speed, with its song. */
  public static int practice(int songMinutes) {
    return songMinutes + PRACTICE_MORE;
  }

  /** Whether new dancers are to be spared: two fast dances in a row, two teaches in a class. */
  boolean isGentle() {
    return level.ordinal() <= Level.HIGH_BEGINNER.ordinal();
  }

  /** The effort that is wanted at each minute: up to three fifths of the class, then down. */
  List<Integer> effort() {
    int top = isGentle() ? 40 : 55;
    int peak = Math.max(1, minutes * 3 / 5);
    return IntStream.range(0, minutes)
        .map(at ->
            at <= peak
                ? 15 + (top - 15) * at / peak
                : top - (top - 20) * (at - peak) / Math.max(1, minutes - peak))
        .boxed()
        .toList();
  }
}
