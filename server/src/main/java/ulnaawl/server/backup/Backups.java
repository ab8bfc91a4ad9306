package ulnaawl.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.RoomOnDisk;
import ulnaawl.server.platform.Today;
import ulnaawl.server.platform.UlnaSettings;
import ulnaawl.server.storage.ClubFolder;
import ulnaawl.server.storage.DatabaseFile;

/**
 * Makes backups while the server runs (H2's own online backup), one at a time; each is unpacked,
 * opened and counted before it gets its name, and the outdated ones are thrown away.
 */
@Component
class Backups {

  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

  private final DataSource connections;
  private final RoomOnDisk room;
  private final Today today;
  private final ClubFolder club;
  private final BackupFolder folder;
  private Optional<String> trouble = Optional.empty();

  Backups(DataSource connections, RoomOnDisk room, Today today, UlnaSettings settings) {
    this.connections = connections;
    this.room = room;
    this.today = today;
    this.club = new ClubFolder(Path.of(settings.data()));
    this.folder =
        new BackupFolder(
            Optional.ofNullable(settings.backups()).map(Path::of).orElse(club.backups()));
  }

  /** A backup that could not be made, in words for whoever asked for it. */
  static final class Failed extends Exception {
    Failed(String why) {
      super(why);
    }

    Failed(String why, Throwable cause) {
      super(why, cause);
    }
  }

  /** Those that there are, the newest first. */
  synchronized List<Backup> all() throws IOException {
    return folder.all();
  }

  /** Why the last try failed, if it did. */
  synchronized Optional<String> trouble() {
    return trouble;
  }

  /** Makes one. */
  Backup make(Occasion occasion) throws Failed {
    return make(occasion, connections);
  }

  /** The same before the server has opened its own connections. */
  synchronized Backup make(Occasion occasion, DataSource from) throws Failed {
    LocalDateTime made = today.moment();
    try {
      folder.open();
      String name = folder.free(made, occasion);
      Path unfinished = folder.unfinished(name);
      Backup.Counts counts = write(unfinished, from);
      Backup backup = new Backup(name, occasion, made, Files.size(unfinished), counts);
      folder.keep(backup);
      for (Backup old : Rotation.outdated(folder.all())) {
        folder.delete(old);
      }
      trouble = Optional.empty();
      return backup;
    } catch (IOException | SQLException | Packed.Unusable e) {
      throw failed(e);
    } catch (Failed e) {
      trouble = Optional.ofNullable(e.getMessage());
      throw e;
    }
  }

  /**
   * Makes one in a file of somebody's choice, which must not be there yet.
   *
   * @return what is in it
   */
  synchronized Backup.Counts makeTo(Path file) throws Failed {
    if (Files.exists(file)) {
      throw new Failed("There is a file " + file + " already; choose another name.");
    }
    Path unfinished = file.resolveSibling(file.getFileName() + ".part");
    try {
      Backup.Counts counts = write(unfinished, connections);
      OnDisk.rename(unfinished, file);
      return counts;
    } catch (IOException | SQLException | Packed.Unusable e) {
      throw failed(e);
    }
  }

  private Failed failed(Exception cause) {
    LOG.error("A backup could not be made", cause);
    String why = "The backup could not be made: " + cause.getMessage();
    trouble = Optional.of(why);
    return new Failed(why, cause);
  }

  private Backup.Counts write(Path unfinished, DataSource from)
      throws IOException, SQLException, Packed.Unusable, Failed {
    // The copy, and once more unpacked to look into it.
    long wanted = 2 * Files.size(club.database());
    if (!room.isLeft() || room.freeBytes() < wanted) {
      throw new Failed("There is no room on the disk for a backup.");
    }
    Files.deleteIfExists(unfinished);
    try (Connection connection = from.getConnection();
        PreparedStatement backup = connection.prepareStatement("backup to ?")) {
      backup.setString(1, unfinished.toAbsolutePath().toString());
      backup.execute();
    }
    if (Files.getFileStore(unfinished).supportsFileAttributeView("posix")) {
      Files.setPosixFilePermissions(unfinished, PosixFilePermissions.fromString("rw-------"));
    }
    OnDisk.force(unfinished);
    return counts(new Packed(unfinished).read());
  }

  static Backup.Counts counts(DatabaseFile.Contents contents) {
    return new Backup.Counts(
        contents.count("PERSON"),
        contents.count("DANCE"),
        contents.count("SONG"),
        contents.count("DANCE_GROUP"),
        contents.count("CLUB_CLASS") + contents.count("MEETING"));
  }
}
