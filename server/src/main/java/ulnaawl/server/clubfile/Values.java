package ulnaawl.server.clubfile;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import ulnaawl.server.clubfile.ClubList.Column;

/** Rows of a list as they stand in the file, and back. */
final class Values {

  private Values() {}

  /** Writes a row; what is not there is left out. */
  static void write(ClubList list, @Nullable Object[] values, ObjectNode into) {
    for (int i = 0; i < values.length; i++) {
      Column column = list.columns().get(i);
      Object value = values[i];
      if (value != null) {
        switch (column.kind()) {
          case NUMBER -> into.put(column.name(), ((Number) value).longValue());
          case TRUTH -> into.put(column.name(), (Boolean) value);
          case TEXT, DAY, TIME, MOMENT -> into.put(column.name(), value.toString());
        }
      }
    }
  }

  /**
   * Reads a row that has the form of its list.
   *
   * @throws java.time.DateTimeException for a moment that there is not, as the 31st of February
   */
  static List<@Nullable Object> read(ClubList list, JsonNode row) {
    List<@Nullable Object> values = new ArrayList<>();
    for (Column column : list.columns()) {
      JsonNode value = row.get(column.name());
      values.add(value == null ? null : read(column, value));
    }
    return values;
  }

  private static Object read(Column column, JsonNode value) {
    return switch (column.kind()) {
      case NUMBER -> value.asLong();
      case TRUTH -> value.asBoolean();
      case TEXT -> value.asString();
      case DAY -> LocalDate.parse(value.asString());
      case TIME -> LocalTime.parse(value.asString());
      case MOMENT -> LocalDateTime.parse(value.asString());
    };
  }
}
