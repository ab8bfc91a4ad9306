package ulnaawl.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.music.Count;

/** A figure's usual rhythm, as the figure book writes it. */
public final class Rhythm {

  private static final Pattern PART = Pattern.compile("(\\d+)-(\\d+)|(\\d+)|([&ea])");

  private Rhythm() {}

  /** Whole counts that a rhythm lasts: {@code 1&2} is 2, {@code &1} is 1. */
  public static int wholeCounts(String rhythm) {
    return ticks(rhythm).stream().mapToInt(tick -> tick / Count.TICKS).max().orElse(0);
  }

  /** The ticks of its places, count 1 at tick 12. */
  public static List<Integer> ticks(String rhythm) {
    List<Integer> ticks = new ArrayList<>();
    Matcher part = PART.matcher(rhythm);
    int last = 0;
    while (part.find()) {
      if (part.group(1) != null) {
        for (int n = Integer.parseInt(part.group(1)); n <= Integer.parseInt(part.group(2)); n++) {
          ticks.add(n * Count.TICKS);
          last = n;
        }
      } else if (part.group(3) != null) {
        last = Integer.parseInt(part.group(3));
        ticks.add(last * Count.TICKS);
      } else {
        int fraction =
            switch (part.group(4)) {
              case "e" -> 3;
              case "a" -> 9;
              default -> 6;
            };
        ticks.add(last * Count.TICKS + fraction);
      }
    }
    return ticks;
  }
}
