package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import java.time.Duration;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Consumer;

/**
 * What a page has asked for and not got yet. That the network is idle a browser says once a load,
 * and not of a page that is gone to inside the app.
 */
final class Requests {

  /** A page that has asked for nothing for so long has all that it wants. */
  private static final Duration QUIET = Duration.ofMillis(200);

  /**
   * What is not answered for so long, while nothing else is asked for, is a line that stays open.
   */
  private static final Duration STAYS_OPEN = Duration.ofSeconds(3);

  private final Set<Request> underway = new HashSet<>();
  private long last = System.nanoTime();

  private Requests() {}

  /** Does something in a page, and waits until all is there that it asks for then. */
  static void await(Page page, Runnable act) {
    Requests requests = new Requests();
    Consumer<Request> asked = requests::asked;
    Consumer<Request> answered = requests::answered;
    page.onRequest(asked);
    page.onRequestFinished(answered);
    page.onRequestFailed(answered);
    act.run();
    requests.last = System.nanoTime();
    page.waitForCondition(requests::areAnswered);
    page.offRequest(asked);
    page.offRequestFinished(answered);
    page.offRequestFailed(answered);
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

  private boolean areAnswered() {
    Duration silent = Duration.ofNanos(System.nanoTime() - last);
    return silent.compareTo(underway.isEmpty() ? QUIET : STAYS_OPEN) > 0;
  }
}
