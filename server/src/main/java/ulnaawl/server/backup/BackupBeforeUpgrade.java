package ulnaawl.server.backup;

import com.zaxxer.hikari.HikariDataSource;
import lombok.RequiredArgsConstructor;
import org.flywaydb.core.Flyway;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.StartRefusal;

/**
 * Makes a club's tables; before a newer release changes them, the club is backed up as it is. All
 * connections that do this are closed by the end, and with the last one the database: the first
 * request opens it anew, and no constraint hangs on a connection that goes.
 */
@Component
@RequiredArgsConstructor
class BackupBeforeUpgrade implements FlywayMigrationStrategy {

  private final Backups backups;
  private final HikariDataSource connections;

  @Override
  public void migrate(Flyway tables) {
    boolean old = tables.info().current() != null && tables.info().pending().length > 0;
    if (old) {
      try {
        backups.make(Occasion.BEFORE_UPGRADE, tables.getConfiguration().getDataSource());
      } catch (Backups.Failed e) {
        throw new StartRefusal(
            "This release changes the club's tables, and the backup before it failed: "
                + e.getMessage(),
            "Nothing was changed. Make room where the backups lie, and start again.");
      }
    }
    tables.migrate();
    if (connections.getHikariPoolMXBean() != null) {
      throw new IllegalStateException(
          "The pool was opened before the tables were made: H2 would lose their constraints with"
              + " the connection that made them (decision 33).");
    }
  }
}
