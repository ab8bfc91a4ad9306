package ulnaawl.teach.lesson;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import ulnaawl.text.DataFile;

/** Named whole numbers, read from data. */
record RulesOfThumb(Map<String, Integer> values) {

  static final RulesOfThumb LOAD = read("load.txt");
  static final RulesOfThumb PRACTICE = read("practice.txt");

  RulesOfThumb {
    values = Map.copyOf(values);
  }

  int get(String name) {
    return Objects.requireNonNull(values.get(name), name);
  }

  private static RulesOfThumb read(String file) {
    return new RulesOfThumb(
        DataFile.rows(RulesOfThumb.class, file).stream()
            .collect(Collectors.toMap(List::getFirst, row -> Integer.valueOf(row.get(1)))));
  }
}
