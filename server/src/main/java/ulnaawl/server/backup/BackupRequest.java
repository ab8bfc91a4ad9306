package ulnaawl.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.UlnaSettings;
import ulnaawl.server.storage.ClubFolder;

/**
 * Backs up when the command line asks for it while the server has the club open: the request is a
 * file in the club's folder, which only the server's own account can write, and so is the answer.
 */
@Component
class BackupRequest {

  private static final Logger LOG = LoggerFactory.getLogger(BackupRequest.class);

  private final Backups backups;
  private final Path request;
  private final Path answer;

  BackupRequest(Backups backups, UlnaSettings settings) {
    this.backups = backups;
    ClubFolder club = new ClubFolder(Path.of(settings.data()));
    this.request = request(club);
    this.answer = answer(club);
  }

  static Path request(ClubFolder club) {
    return club.file("backup-request");
  }

  static Path answer(ClubFolder club) {
    return club.file("backup-answer");
  }

  /** Looks every second. */
  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.SECONDS)
  void lookForOne() {
    try {
      String wanted = Files.readString(request).strip();
      Files.delete(request);
      Path unfinished = answer.resolveSibling(answer.getFileName() + ".part");
      Files.writeString(unfinished, BackupAnswer.to(backups, wanted).text());
      OnDisk.rename(unfinished, answer);
    } catch (NoSuchFileException nobodyAsks) {
      return;
    } catch (IOException e) {
      LOG.error("A request for a backup cannot be answered", e);
    }
  }
}
