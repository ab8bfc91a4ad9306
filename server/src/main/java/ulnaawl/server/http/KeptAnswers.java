package ulnaawl.server.http;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.util.WebUtils;
import ulnaawl.server.history.Changes;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Today;

/**
 * Keeps the bytes of answers that {@link KeepAnswer} marks. An answer is kept under the number of
 * changes that there were before it was computed, so that no later change can be missing from it.
 */
@Component
@RequiredArgsConstructor
class KeptAnswers implements HandlerInterceptor {

  /** Bytes of all that is kept, with the addresses it is kept under. */
  private static final long MOST_BYTES = 24L * 1024 * 1024;

  private static final int ENTRY_BYTES = 300;

  private final Changes changes;
  private final Today today;
  private final Cache<Key, Kept> kept =
      Caffeine.newBuilder()
          .maximumWeight(MOST_BYTES)
          .weigher((Key key, Kept answer) -> key.weight() + answer.weight() + ENTRY_BYTES)
          .build();

  /** What is asked, and as of when. */
  record Key(String address, String query, LocalDate day, long changes) {

    /** Bytes, as if every sign had two: addresses are chosen by whoever asks. */
    int weight() {
      return 2 * (address.length() + query.length());
    }
  }

  @Override
  public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
      throws IOException {
    boolean marked =
        handler instanceof HandlerMethod method && method.hasMethodAnnotation(KeepAnswer.class);
    if (!marked) {
      return true;
    }
    String query = Optional.ofNullable(request.getQueryString()).orElse("");
    Key key = new Key(request.getRequestURI(), query, today.date(), changes.soFar());
    Kept known = kept.getIfPresent(key);
    if (known == null) {
      HeldAnswer answer = WebUtils.getNativeResponse(response, HeldAnswer.class);
      if (answer != null) {
        answer.holdFor(key);
      }
      return true;
    }
    send(known, request, response);
    return false;
  }

  /** Keeps an answer that was computed for a question, and sends it. */
  void keep(Key key, byte[] bytes, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    Kept answer = new Kept(bytes);
    kept.put(key, answer);
    send(answer, request, response);
  }

  private static void send(Kept answer, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    String takes = Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT_ENCODING)).orElse("");
    boolean isPacked = takes.contains("gzip") && answer.isPacked();
    String tag = answer.tag(isPacked);
    response.setHeader(HttpHeaders.ETAG, tag);
    response.setHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
    // Asked again each time: that it is still so, only the server knows.
    response.setHeader(HttpHeaders.CACHE_CONTROL, "private, no-cache");
    if (tag.equals(request.getHeader(HttpHeaders.IF_NONE_MATCH))) {
      response.setStatus(HttpServletResponse.SC_NOT_MODIFIED);
      return;
    }
    if (isPacked) {
      response.setHeader(HttpHeaders.CONTENT_ENCODING, "gzip");
    }
    response.setContentType(MediaType.APPLICATION_JSON_VALUE);
    response.setContentLength(answer.length(isPacked));
    answer.writeTo(response.getOutputStream(), isPacked);
  }
}
