package ulnaawl.learning;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import ulnaawl.text.DataFile;

/**
 * A figure that rests on another one. Common practice, no source; the table with its reasons is
 * {@code rests-on.txt}.
 *
 * @param figure name in the figure book
 * @param on name of the figure that leads to it
 * @param why what they share
 */
public record RestsOn(String figure, String on, String why) {

  private static final List<RestsOn> ALL =
      DataFile.rows(RestsOn.class, "rests-on.txt").stream()
          .map(row -> new RestsOn(row.get(0), row.get(1), row.get(2)))
          .toList();

  /** The whole table. */
  public static List<RestsOn> all() {
    return ALL;
  }

  /** What is missing under a figure for somebody who has met some. */
  public static List<RestsOn> missing(String figure, Set<String> met) {
    List<RestsOn> missing = new ArrayList<>();
    for (RestsOn one : ALL) {
      if (one.figure().equals(figure) && !met.contains(one.on())) {
        missing.add(one);
      }
    }
    return missing;
  }
}
