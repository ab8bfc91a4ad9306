package ulnaawl.server.http;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.util.Optional;
import org.springframework.web.util.ContentCachingResponseWrapper;

/** An answer that goes out while it is made, unless it is to be kept: then it is held back. */
final class HeldAnswer extends HttpServletResponseWrapper {

  private Optional<Held> held = Optional.empty();

  HeldAnswer(HttpServletResponse response) {
    super(response);
  }

  /** What was held back, and the question under which it is kept. */
  record Held(KeptAnswers.Key question, ContentCachingResponseWrapper answer) {}

  /** Holds back what is written from now on; called before the first byte. */
  void holdFor(KeptAnswers.Key question) {
    ContentCachingResponseWrapper answer =
        new ContentCachingResponseWrapper((HttpServletResponse) getResponse());
    setResponse(answer);
    held = Optional.of(new Held(question, answer));
  }

  Optional<Held> held() {
    return held;
  }
}
