package ulnaawl.server.storage;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * A club's database as a file that no server has open. It is only ever read here.
 *
 * @param path the file, with H2's ending
 */
public record DatabaseFile(Path path) {

  /** H2's ending of a database's file. */
  public static final String ENDING = ".mv.db";

  private static final String STEPS = "flyway_schema_history";

  /** Tables that every release has had. */
  private static final Set<String> TABLES = Set.of("PERSON", "DANCE", "DANCE_GROUP", STEPS);

  /**
   * What stands in it.
   *
   * @param rows how many rows each table has
   * @param schema the number of the newest change of tables in it; 0 where there is none
   */
  public record Contents(SortedMap<String, Long> rows, int schema) {
    public Contents {
      rows = Collections.unmodifiableSortedMap(new TreeMap<>(rows));
    }

    /** Whether all tables are there that every release has had. */
    public boolean isClub() {
      return rows.keySet().containsAll(TABLES);
    }

    /** How many rows a table has; 0 where it is missing. */
    public long count(String table) {
      return rows.getOrDefault(table, 0L);
    }
  }

  /**
   * Opens it without writing and counts every table.
   *
   * @throws SQLException where it is damaged, or none of ours
   */
  public Contents read() throws SQLException {
    String name = path.toAbsolutePath().toString();
    String address =
        "jdbc:h2:file:"
            + name.substring(0, name.length() - ENDING.length())
            + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE;TRACE_LEVEL_FILE=0";
    try (Connection connection = DriverManager.getConnection(address, "sa", "");
        Statement statement = connection.createStatement()) {
      SortedMap<String, Long> rows = new TreeMap<>();
      for (String table : tables(statement)) {
        rows.put(table, number(statement, "select count(*) from \"" + table + "\""));
      }
      long schema =
          rows.containsKey(STEPS)
              ? number(
                  statement,
                  "select coalesce(max(cast(\"version\" as int)), 0) from \""
                      + STEPS
                      + "\" where \"success\"")
              : 0;
      return new Contents(rows, Math.toIntExact(schema));
    }
  }

  private static List<String> tables(Statement statement) throws SQLException {
    List<String> found = new ArrayList<>();
    try (ResultSet names =
        statement.executeQuery(
            "select table_name from information_schema.tables where table_schema = 'PUBLIC'")) {
      while (names.next()) {
        found.add(names.getString(1));
      }
    }
    return found;
  }

  private static long number(Statement statement, String question) throws SQLException {
    try (ResultSet answer = statement.executeQuery(question)) {
      answer.next();
      return answer.getLong(1);
    }
  }
}
