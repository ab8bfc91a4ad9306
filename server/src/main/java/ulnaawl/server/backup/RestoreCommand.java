package ulnaawl.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import ulnaawl.server.storage.ClubFolder;
import ulnaawl.server.storage.DatabaseFile;
import ulnaawl.server.storage.Release;

/** {@code ./ulna restore}: puts a backup back, and keeps what was there. */
final class RestoreCommand {

  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss", Locale.ROOT);

  private RestoreCommand() {}

  /**
   * Looks into the backup, and only then puts it into the database's place.
   *
   * @return what was done, in words
   */
  static String restore(Path folder, Path file, LocalDateTime now)
      throws IOException, Packed.Unusable {
    try (ClubFolder club = new ClubFolder(folder)) {
      club.open();
      Path fresh = club.file("restored" + DatabaseFile.ENDING);
      try {
        DatabaseFile.Contents contents = new Packed(file).unpackTo(fresh);
        if (contents.schema() > Release.schema()) {
          throw new Packed.Unusable(
              "The backup " + file + " was made by a newer release than this one.",
              new IOException());
        }
        StringBuilder said = new StringBuilder();
        Path database = club.database();
        if (Files.exists(database)) {
          Path kept = club.kept(now.format(STAMP));
          // A second name first, so that there is no moment without a database.
          Files.copy(database, kept);
          OnDisk.force(kept);
          said.append("What was there is kept as ").append(kept).append(".\n");
        }
        OnDisk.rename(fresh, database);
        club.mark();
        return said + "Put back: " + BackupAnswer.words(Backups.counts(contents));
      } finally {
        Files.deleteIfExists(fresh);
      }
    }
  }
}
