package ulnaawl.server.http;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import ulnaawl.server.history.Change;
import ulnaawl.server.platform.NameReplaced;

/** Counts what is changed; whatever was computed before the last change is out of date. */
@Component
class Changes {

  private final AtomicLong count = new AtomicLong();

  long soFar() {
    return count.get();
  }

  /** Also where it was rolled back: somebody may have seen it half done. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void changed(Change change) {
    count.incrementAndGet();
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void renamed(NameReplaced name) {
    count.incrementAndGet();
  }
}
