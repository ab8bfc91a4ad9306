package ulnaawl.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;

/** What it costs that a commit is on the disk before it is acknowledged. */
final class DiskCost {

  private static final Duration EACH = Duration.ofSeconds(3);

  private DiskCost() {}

  /** Commits a second as H2 does it by itself, which loses the last half second in a crash. */
  static double delayed(Path folder) throws SQLException {
    return perSecond("jdbc:h2:file:" + folder.resolve("delayed"), "");
  }

  /** Commits a second as the server does it. */
  static double synced(Path folder) throws SQLException {
    return perSecond(
        "jdbc:h2:file:" + folder.resolve("synced") + ";WRITE_DELAY=0", "checkpoint sync");
  }

  private static double perSecond(String address, String afterwards) throws SQLException {
    try (Connection connection = DriverManager.getConnection(address, "sa", "");
        Statement statement = connection.createStatement()) {
      statement.execute("create table written (id identity, words varchar(2000))");
      long end = System.nanoTime() + EACH.toNanos();
      int commits = 0;
      while (System.nanoTime() < end) {
        statement.execute("insert into written (words) values (repeat('vine R, touch L ', 60))");
        if (!afterwards.isEmpty()) {
          statement.execute(afterwards);
        }
        commits++;
      }
      return commits / (EACH.toMillis() / 1000.0);
    }
  }
}
