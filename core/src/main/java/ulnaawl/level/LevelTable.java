package ulnaawl.level;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;

/** The points that a property of a dance lifts its level by; read from data, a rule of thumb. */
final class LevelTable {

  /**
   * One line of the table.
   *
   * @param points given once {@code from} is passed and again for every {@code each} beyond it
   * @param most the most points in all
   */
  record Rule(int points, int from, int each, int most) {
    int pointsFor(int value) {
      if (value <= from) {
        return 0;
      }
      return Math.min(most, points * (1 + (value - from - 1) / each));
    }
  }

  private final Map<String, Rule> rules;

  private LevelTable(Map<String, Rule> rules) {
    this.rules = rules;
  }

  static LevelTable standard() {
    return Standard.TABLE;
  }

  /** Points for a value; the key stands in the table. */
  int points(String key, int value) {
    return Objects.requireNonNull(rules.get(key), key).pointsFor(value);
  }

  private static LevelTable parse(String data) {
    Map<String, Rule> rules = new LinkedHashMap<>();
    data.lines()
        .map(String::strip)
        .filter(line -> !line.isEmpty() && !line.startsWith("#"))
        .map(line -> line.split("\\s+"))
        .forEach(words ->
            rules.put(
                words[0],
                new Rule(
                    Integer.parseInt(words[1]),
                    Integer.parseInt(words[2]),
                    Integer.parseInt(words[3]),
                    Integer.parseInt(words[4]))));
    return new LevelTable(rules);
  }

  private static final class Standard {
    private static final LevelTable TABLE = load();

    private static LevelTable load() {
      try (InputStream in =
          Objects.requireNonNull(LevelTable.class.getResourceAsStream("level-table.txt"))) {
        return parse(new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }
}
