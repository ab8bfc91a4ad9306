package ulnaawl.server.platform;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Notes when something was last used, once an hour: enough to see what lies idle. Where it cannot
 * be written it is not, and whoever uses it does not notice.
 */
@Component
@RequiredArgsConstructor
public class HourlyNote {

  private static final Logger LOG = LoggerFactory.getLogger(HourlyNote.class);
  private static final Duration HOUR = Duration.ofHours(1);

  private final TransactionTemplate transaction;

  /** Writes it in a transaction of its own, unless that was done within the last hour. */
  public void note(Optional<LocalDateTime> last, LocalDateTime now, Runnable write) {
    if (last.map(it -> it.plus(HOUR).isBefore(now)).orElse(true)) {
      try {
        transaction.executeWithoutResult(_ -> write.run());
      } catch (TransactionException | DataAccessException notNow) {
        LOG.debug("Not noted as used", notNow);
      }
    }
  }
}
