package ulnaawl.level;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import ulnaawl.text.DataFile;

/** The points that a property of a dance lifts its level by; read from data, a rule of thumb. */
public final class LevelTable {

  /**
   * One line of the table.
   *
   * @param points given once {@code from} is passed and again for every {@code each} beyond it;
   *     negative where it makes a dance easier
   * @param most the most points in all, as far from zero as it goes
   * @param falling whether each time gives half of the points of the time before
   */
  record Rule(int points, int from, int each, int most, boolean falling) {
    int pointsFor(int value) {
      if (value <= from) {
        return 0;
      }
      int times = 1 + (value - from - 1) / each;
      int all = points * times;
      if (falling) {
        all = 0;
        for (int i = 0; i < times && i < Integer.SIZE; i++) {
          all += points >> i;
        }
      }
      return Math.abs(all) > Math.abs(most) ? most : all;
    }
  }

  private final Map<String, Rule> rules;

  private LevelTable(Map<String, Rule> rules) {
    this.rules = Map.copyOf(rules);
  }

  /** The table that ships with the product. */
  public static LevelTable standard() {
    return Standard.TABLE;
  }

  /**
   * The shipped table with a club's own lines in place of some of its own.
   *
   * @param data lines {@code KEY POINTS FROM EACH MOST [falling]}; {@code #} begins a remark
   * @throws IllegalArgumentException with a message for people where a line is not understood
   */
  public LevelTable with(String data) {
    Map<String, Rule> changed = new LinkedHashMap<>(rules);
    read(data)
        .forEach((key, rule) -> {
          if (changed.put(key, rule) == null) {
            throw new IllegalArgumentException(
                "'"
                    + key
                    + "' is no line of the table; there is "
                    + String.join(", ", sorted())
                    + ".");
          }
        });
    return new LevelTable(changed);
  }

  private java.util.List<String> sorted() {
    return rules.keySet().stream().sorted().toList();
  }

  /** Points for a value; the key stands in the table. */
  int points(String key, int value) {
    return Objects.requireNonNull(rules.get(key), key).pointsFor(value);
  }

  /** The text of the shipped table, remarks included. */
  public static String standardText() {
    return DataFile.text(LevelTable.class, "level-table.txt");
  }

  private static Map<String, Rule> read(String data) {
    Map<String, Rule> rules = new LinkedHashMap<>();
    int number = 0;
    for (String raw : data.split("\n", -1)) {
      number++;
      String line = raw.strip();
      if (line.isEmpty() || line.startsWith("#")) {
        continue;
      }
      String[] words = line.split("\\s+");
      if (!line.matches("[a-z-]+( +-?\\d{1,4}){4}( +falling)?")) {
        throw new IllegalArgumentException(
            "Line "
                + number
                + " is not KEY POINTS FROM EACH MOST [falling], with whole numbers: "
                + line);
      }
      Rule rule =
          new Rule(
              Integer.parseInt(words[1]),
              Integer.parseInt(words[2]),
              Math.max(1, Integer.parseInt(words[3])),
              Integer.parseInt(words[4]),
              words.length > 5);
      rules.put(words[0], rule);
    }
    return rules;
  }

  private static final class Standard {
    private static final LevelTable TABLE = new LevelTable(read(standardText()));
  }
}
