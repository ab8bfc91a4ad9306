package ulnaawl.server.backup;

import org.flywaydb.core.Flyway;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.StartRefusal;

/** Before a newer release changes a club's tables, the club is backed up as it is. */
@Component
class BackupBeforeUpgrade implements FlywayMigrationStrategy {

  private final Backups backups;

  BackupBeforeUpgrade(Backups backups) {
    this.backups = backups;
  }

  @Override
  public void migrate(Flyway tables) {
    boolean old = tables.info().current() != null && tables.info().pending().length > 0;
    if (old) {
      try {
        backups.make(Occasion.BEFORE_UPGRADE);
      } catch (Backups.Failed e) {
        throw new StartRefusal(
            "This release changes the club's tables, and the backup before it failed: "
                + e.getMessage(),
            "Nothing was changed. Make room where the backups lie, and start again.");
      }
    }
    tables.migrate();
  }
}
