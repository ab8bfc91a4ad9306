package ulnaawl.figure;

import java.util.Map;
import java.util.OptionalInt;

/** The turns that can be typed, in eighths. */
public final class TurnSize {

  private static final Map<String, Integer> SIZES =
      Map.ofEntries(
          Map.entry("1/8", 1),
          Map.entry("1/4", 2),
          Map.entry("3/8", 3),
          Map.entry("1/2", 4),
          Map.entry("5/8", 5),
          Map.entry("3/4", 6),
          Map.entry("7/8", 7),
          Map.entry("full", 8),
          Map.entry("1-1/4", 10),
          Map.entry("1-1/2", 12),
          Map.entry("1–1/4", 10),
          Map.entry("1–1/2", 12),
          Map.entry("¼", 2),
          Map.entry("½", 4),
          Map.entry("¾", 6));

  private TurnSize() {}

  /** As it is written for {@code eighths}, 1 to 8, 10 or 12: {@code 1/4}, {@code 1-1/2}. */
  public static String label(int eighths) {
    return switch (eighths) {
      case 2 -> "1/4";
      case 4 -> "1/2";
      case 6 -> "3/4";
      case 8 -> "full";
      case 10 -> "1-1/4";
      case 12 -> "1-1/2";
      default -> eighths + "/8";
    };
  }

  /** Eighths of a turn for a typed size, lower case; empty where it is none. */
  public static OptionalInt eighths(String word) {
    Integer size = SIZES.get(word);
    return size == null ? OptionalInt.empty() : OptionalInt.of(size);
  }
}
