package ulnaawl.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.TreeSet;
import ulnaawl.server.platform.StartRefusal;

/**
 * Looks at a club's database before anything may write to it. What is missing, empty, damaged or
 * without its tables is no reason to begin a new club where one has lived.
 */
final class DatabaseCheck {

  /** Tables that every release has had. */
  private static final Set<String> TABLES =
      Set.of("PERSON", "DANCE", "DANCE_GROUP", "flyway_schema_history");

  /** A database that was only just begun is smaller than this. */
  private static final long BEGUN_BYTES = 64 * 1024;

  private final ClubFolder club;

  DatabaseCheck(ClubFolder club) {
    this.club = club;
  }

  /**
   * Passes where there is a club that can be read, or none at all.
   *
   * @throws StartRefusal where there was one
   */
  void run() {
    Path file = club.database();
    if (!Files.exists(file)) {
      if (club.isMarked()) {
        throw refusal("is missing, although a club has lived there");
      }
      return;
    }
    long bytes = size(file);
    if (bytes == 0) {
      throw refusal("is empty");
    }
    Set<String> found = tables();
    boolean justBegun = found.isEmpty() && !club.isMarked() && bytes < BEGUN_BYTES;
    if (!found.containsAll(TABLES) && !justBegun) {
      throw refusal("has lost its tables");
    }
  }

  private Set<String> tables() {
    String address =
        "jdbc:h2:file:"
            + club.databaseName()
            + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE;TRACE_LEVEL_FILE=0";
    Set<String> found = new TreeSet<>();
    try (Connection connection = DriverManager.getConnection(address, "sa", "");
        Statement statement = connection.createStatement()) {
      try (ResultSet rows =
          statement.executeQuery(
              "select table_name from information_schema.tables where table_schema = 'PUBLIC'")) {
        while (rows.next()) {
          found.add(rows.getString(1));
        }
      }
      for (String table : found) {
        statement.executeQuery("select count(*) from \"" + table + "\"").close();
      }
      return found;
    } catch (SQLException e) {
      throw refusal("cannot be read; it is damaged, or no database of ours");
    }
  }

  private static long size(Path file) {
    try {
      return Files.size(file);
    } catch (IOException e) {
      return 0;
    }
  }

  private StartRefusal refusal(String how) {
    return new StartRefusal(
        "The club's database " + club.database() + " " + how + ".",
        "Nothing was written to it. Put a copy of it from before into its place; to begin a new"
            + " club, give another folder with --data.");
  }
}
