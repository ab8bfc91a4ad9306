package ulnaawl.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Duration;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import ulnaawl.server.platform.RoomOnDisk;
import ulnaawl.server.platform.StartRefusal;
import ulnaawl.server.platform.Today;
import ulnaawl.server.platform.UlnaSettings;
import ulnaawl.server.storage.ClubFolder;
import ulnaawl.server.storage.DatabaseFile;

/** {@code ./ulna backup}: whether the server runs or not. */
final class BackupCommand {

  private static final Duration PATIENCE = Duration.ofMinutes(2);
  private static final Duration PAUSE = Duration.ofMillis(200);

  private BackupCommand() {}

  /**
   * Backs a club up.
   *
   * @param to the file to write; empty for the folder of backups
   * @return what was done, in words
   */
  static String run(Path folder, String to)
      throws IOException, InterruptedException, Backups.Failed {
    BackupAnswer answer = answer(folder, to);
    if (!answer.done()) {
      throw new Backups.Failed(answer.words());
    }
    return answer.words();
  }

  private static BackupAnswer answer(Path folder, String to)
      throws IOException, InterruptedException {
    ClubFolder club = new ClubFolder(folder);
    if (!Files.exists(club.database())) {
      return new BackupAnswer(false, "There is no club in " + folder + ".");
    }
    try (club) {
      club.open();
      return here(club, folder, to);
    } catch (StartRefusal theServerHasIt) {
      return asked(club, to);
    }
  }

  private static BackupAnswer here(ClubFolder club, Path folder, String to) {
    try {
      new DatabaseFile(club.database()).read();
    } catch (SQLException damaged) {
      return new BackupAnswer(
          false, "The club's database cannot be read; put a backup back with ./ulna restore FILE.");
    }
    String name = club.database().toString();
    String address =
        "jdbc:h2:file:"
            + name.substring(0, name.length() - DatabaseFile.ENDING.length())
            + ";IFEXISTS=TRUE;TRACE_LEVEL_FILE=0";
    UlnaSettings settings = UlnaSettings.of(folder.toString());
    return BackupAnswer.to(
        new Backups(
            new DriverManagerDataSource(address, "sa", ""),
            new RoomOnDisk(settings),
            new Today(settings),
            settings),
        to);
  }

  private static BackupAnswer asked(ClubFolder club, String to)
      throws IOException, InterruptedException {
    Path answer = BackupRequest.answer(club);
    Path request = BackupRequest.request(club);
    Files.deleteIfExists(answer);
    Path unfinished = request.resolveSibling(request.getFileName() + ".part");
    Files.writeString(unfinished, to);
    OnDisk.rename(unfinished, request);
    long end = System.nanoTime() + PATIENCE.toNanos();
    while (System.nanoTime() < end) {
      try {
        String text = Files.readString(answer);
        Files.delete(answer);
        return BackupAnswer.read(text);
      } catch (NoSuchFileException notYet) {
        Thread.sleep(PAUSE);
      }
    }
    Files.deleteIfExists(request);
    return new BackupAnswer(false, "The server that has the club open does not answer.");
  }
}
