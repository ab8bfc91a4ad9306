package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import java.time.Duration;
import java.util.Collections;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.WeakHashMap;

/**
 * What a page has asked for and not got yet. That the browser calls the network idle takes half a
 * second each time, and is said once a load, not once a page that is gone to inside the app.
 */
final class Requests {

  /** A page that has asked for nothing for so long has all that it wants. */
  private static final Duration QUIET = Duration.ofMillis(200);

  private static final Map<Page, Requests> OF = Collections.synchronizedMap(new WeakHashMap<>());

  private final Set<Request> underway = new HashSet<>();
  private long last = System.nanoTime();

  private Requests() {}

  /** From now on the requests of a page are counted. */
  static void count(Page page) {
    Requests requests = new Requests();
    OF.put(page, requests);
    page.onRequest(requests::asked);
    page.onRequestFinished(requests::answered);
    page.onRequestFailed(requests::answered);
  }

  /** Those of a page, where they are counted. */
  static Optional<Requests> of(Page page) {
    return Optional.ofNullable(OF.get(page));
  }

  private void asked(Request request) {
    if (!request.resourceType().equals("eventsource")) {
      underway.add(request);
      last = System.nanoTime();
    }
  }

  private void answered(Request request) {
    if (underway.remove(request)) {
      last = System.nanoTime();
    }
  }

  /** Waits until everything is there. */
  void await(Page page) {
    long since = System.nanoTime();
    page.waitForCondition(
        () -> underway.isEmpty() && System.nanoTime() - Math.max(last, since) > QUIET.toNanos());
  }
}
