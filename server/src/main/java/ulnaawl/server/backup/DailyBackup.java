package ulnaawl.server.backup;

import java.io.IOException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.Today;

/** One backup a day; where the machine slept through the day, soon after it is awake. */
@Component
@RequiredArgsConstructor
class DailyBackup {

  private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);
  private static final Duration EVERY = Duration.ofHours(24);

  private final Backups backups;
  private final Today today;

  /** Looks every quarter of an hour whether one is due. */
  @Scheduled(initialDelay = 2, fixedDelay = 15, timeUnit = TimeUnit.MINUTES)
  void makeIfDue() {
    try {
      if (isDue(backups.all(), today.moment())) {
        LOG.info("Backup {}", backups.make(Occasion.DAILY).file());
      }
    } catch (IOException e) {
      LOG.error("The folder of backups cannot be read", e);
    } catch (Backups.Failed e) {
      LOG.warn("No backup today yet: {}", e.getMessage());
    }
  }

  /** Whether the newest daily one is a day old. */
  static boolean isDue(List<Backup> all, LocalDateTime now) {
    Optional<LocalDateTime> last =
        all.stream()
            .filter(it -> it.occasion() == Occasion.DAILY)
            .map(Backup::made)
            .max(LocalDateTime::compareTo);
    return last.isEmpty() || !last.get().plus(EVERY).isAfter(now);
  }
}
