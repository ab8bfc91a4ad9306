package ulnaawl.server.sessions;

import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.people.AccessEnded;

/** All open sessions: they are seen, and ended from elsewhere, at once. */
@Component
class Sessions implements HttpSessionListener {

  private static final String KEY = "ulna.key";

  /** Devices on which one person is signed in at a time, and then some. */
  private static final int MOST = 30;

  private final Map<String, OpenSession> open = new ConcurrentHashMap<>();

  /** Somebody has signed in on this session; of very many, those not used for longest end. */
  void begin(HttpSession session, SignedIn person, String device) {
    String key = Secrets.word();
    session.setAttribute(KEY, key);
    open.put(key, new OpenSession(key, person.id(), Instant.now(), device, session));
    all().stream().filter(it -> it.person() == person.id()).skip(MOST).forEach(OpenSession::end);
  }

  @Override
  public void sessionDestroyed(HttpSessionEvent ended) {
    if (ended.getSession().getAttribute(KEY) instanceof String key) {
      open.remove(key);
    }
  }

  /** Whether this is what that session is called; one that has ended is called nothing. */
  static boolean isCalled(HttpSession session, String key) {
    try {
      return key.equals(session.getAttribute(KEY));
    } catch (IllegalStateException endedMeanwhile) {
      return false;
    }
  }

  /** All, the one that was used last first. */
  List<OpenSession> all() {
    // They are used while they are put in order: what counts is when each was used before.
    Map<OpenSession, Instant> seen = new HashMap<>();
    open.values().forEach(it -> seen.put(it, it.lastSeen()));
    return seen.entrySet().stream()
        .sorted(Map.Entry.<OpenSession, Instant>comparingByValue().reversed())
        .map(Map.Entry::getKey)
        .toList();
  }

  Optional<OpenSession> called(String key) {
    return Optional.ofNullable(open.get(key));
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
  void endAll(AccessEnded ended) {
    open.values().stream()
        .filter(it -> it.person() == ended.id())
        .toList()
        .forEach(OpenSession::end);
  }
}
