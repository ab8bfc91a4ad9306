package ulnaawl.teach;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import ulnaawl.text.DataFile;

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
    return new Table(
        DataFile.rows(Table.class, file).stream()
            .collect(Collectors.toMap(List::getFirst, row -> Integer.valueOf(row.get(1)))));
  }
}
