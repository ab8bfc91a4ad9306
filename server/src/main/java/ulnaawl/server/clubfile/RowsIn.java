package ulnaawl.server.clubfile;

import java.sql.SQLException;
import java.util.Map;
import org.springframework.core.NestedExceptionUtils;
import tools.jackson.databind.JsonNode;
import ulnaawl.formats.json.Fault;
import ulnaawl.formats.json.ListFile;
import ulnaawl.formats.json.Unreadable;
import ulnaawl.server.platform.Problem;

/** Writes the rows of a file that was found to be sound into the tables, and knows where it is. */
final class RowsIn implements ListFile.Reader {

  private static final String PEOPLE = "people";

  private final ClubFileStore store;
  private final Map<String, ClubList> lists;
  private final String password;
  private String at = "";

  /**
   * Rows for tables.
   *
   * @param password what stands where a file has no passwords
   */
  RowsIn(ClubFileStore store, String password) {
    this.store = store;
    this.lists = ClubList.byName(store.lists());
    this.password = password;
  }

  /** Writes all rows of a file. */
  void insert(byte[] file) {
    try {
      ListFile.read(file, this);
    } catch (Unreadable no) {
      throw new IllegalStateException(no.getMessage(), no);
    }
  }

  /** From here on something else is at hand than a row. */
  void at(String place) {
    at = place;
  }

  @Override
  public void value(String name, JsonNode value) {}

  @Override
  public void row(String list, int number, JsonNode row) {
    at = list + ", row " + number;
    ClubList of = lists.get(list);
    if (of != null) {
      store.add(
          list,
          Values.read(of, row),
          list.equals(PEOPLE) ? Map.of("PASSWORD_HASH", password) : Map.of());
    }
  }

  /** What went wrong with what was at hand. */
  Fault fault(RuntimeException no) {
    return new Fault(at, no instanceof Problem ? String.valueOf(no.getMessage()) : why(no));
  }

  /** By the states of the SQL standard (class 23), whatever words the database has for them. */
  private static String why(RuntimeException no) {
    String state =
        NestedExceptionUtils.getMostSpecificCause(no) instanceof SQLException cause
            ? String.valueOf(cause.getSQLState())
            : "";
    return switch (state) {
      case "23503", "23506" -> "it refers to something that is not in the file";
      case "23505" -> "there are two of it";
      case "23513", "23514" -> "a value in it is none of those that are possible";
      default ->
          "it cannot be read: " + String.valueOf(no.getMessage()).lines().findFirst().orElse("");
    };
  }
}
