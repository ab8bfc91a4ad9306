package ulnaawl.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies that are larger than anything the product sends. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyLimit extends OncePerRequestFilter {

  /** Bytes of a request body: room for the longest step text and some. */
  static final long MOST_BYTES = 512 * 1024;

  private static final Set<String> WITH_BODY = Set.of("POST", "PUT", "PATCH");

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long length = request.getContentLengthLong();
    if (length > MOST_BYTES) {
      refuse(
          response,
          413,
          "This is more than is read at once: 64 KB of text for a dance, 500 KB for a list of songs.");
    } else if (length < 0
        && WITH_BODY.contains(request.getMethod())
        && request.getHeader("Transfer-Encoding") != null) {
      refuse(response, 411, "Say how long the request is.");
    } else {
      chain.doFilter(request, response);
    }
  }

  private static void refuse(HttpServletResponse response, int status, String detail)
      throws IOException {
    ProblemWriter.write(response, status, detail);
  }
}
