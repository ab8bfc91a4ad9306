package ulnaawl.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import ulnaawl.text.DataFile;

/** What makes a class or a next dance good, in points: {@code weights.txt} with the reasons. */
public final class Weights {

  private static final List<Row> ALL =
      DataFile.rows(Weights.class, "weights.txt").stream()
          .map(row -> new Row(row.get(0), Integer.parseInt(row.get(1)), row.get(2)))
          .toList();

  private static final Map<String, Integer> POINTS =
      ALL.stream().collect(Collectors.toMap(Row::name, Row::points));

  private Weights() {}

  /**
   * A row of the table.
   *
   * @param why in a few words
   */
  public record Row(String name, int points, String why) {}

  /** The whole table, in its order. */
  public static List<Row> all() {
    return ALL;
  }

  static int of(String name) {
    return Objects.requireNonNull(POINTS.get(name), name);
  }
}
