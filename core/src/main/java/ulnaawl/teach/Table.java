package ulnaawl.teach;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;

/** Named whole numbers, read from data. */
record Table(Map<String, Integer> values) {

  static final Table LOAD = read("load.txt");
  static final Table PRACTICE = read("practice.txt");

  Table {
    values = Map.copyOf(values);
  }

  int get(String name) {
    return Objects.requireNonNull(values.get(name), name);
  }

  private static Table read(String file) {
    Map<String, Integer> values = new HashMap<>();
    for (String line : text(file).lines().toList()) {
      if (!line.isBlank() && !line.startsWith("#")) {
        String[] field = line.split("\\|", -1);
        values.put(field[0].strip(), Integer.valueOf(field[1].strip()));
      }
    }
    return new Table(values);
  }

  private static String text(String file) {
    try (InputStream in = Objects.requireNonNull(Table.class.getResourceAsStream(file))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
