package ulnaawl.server.history;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Counts what is changed. Whatever is computed from the database is kept under the number that
 * there was before it was computed: then no change can be missing from it. There is one count for
 * all that is kept, so that nothing can be new that was made of something old.
 */
@Component
public class Changes {

  private final AtomicLong count = new AtomicLong();

  /** How many there have been since the start. */
  public long soFar() {
    return count.get();
  }

  /** Also where it was rolled back: somebody may have seen it half done. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void changed(Change change) {
    count.incrementAndGet();
  }
}
