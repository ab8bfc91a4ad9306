package ulnaawl.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import ulnaawl.server.platform.ProblemWriter;

/**
 * Reads the whole body of a request before anybody works on it, so that whoever sends slowly waits
 * alone; what may not come in is refused before a byte of it is read. Bodies that are larger than
 * anything the product sends are refused, and so are too many at once of one kind.
 */
@Component
@Order(WholeBody.AFTER_THE_DOOR)
class WholeBody extends OncePerRequestFilter {

  /** Behind the filters of access, which are at -100, and before all that reads. */
  static final int AFTER_THE_DOOR = -50;

  private static final Set<String> WITH_BODY = Set.of("POST", "PUT", "PATCH", "DELETE");

  private final Map<BodyKind, BodiesUnderway> underway =
      Stream.of(BodyKind.values()).collect(Collectors.toUnmodifiableMap(it -> it, BodyKind::begin));

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Principal who = request.getUserPrincipal();
    String path = request.getRequestURI();
    BodyKind kind = BodyKind.of(who == null, path);
    long length = request.getContentLengthLong();
    if (length > kind.most(path)) {
      refuse(response, 413, kind.tooMuch());
    } else if (length < 0 && request.getHeader("Transfer-Encoding") != null) {
      refuse(response, 411, "Say how long the request is.");
    } else if (length <= 0 || !WITH_BODY.contains(request.getMethod())) {
      chain.doFilter(request, response);
    } else {
      String sender = who == null ? request.getRemoteAddr() : who.getName();
      try (BodiesUnderway.Body body = of(kind).begin(sender)) {
        body.read((int) length, request.getInputStream());
        chain.doFilter(new ReadRequest(request, body.content()), response);
      } catch (BodiesUnderway.TooMany tooMany) {
        refuse(response, 503, "Too much is on its way to the server; try again in a moment.");
      } catch (BodiesUnderway.TooSlow tooSlow) {
        refuse(response, 408, "The request did not come to its end in time; send it again.");
      }
    }
  }

  private BodiesUnderway of(BodyKind kind) {
    return Objects.requireNonNull(underway.get(kind), "every kind has its own");
  }

  private static void refuse(HttpServletResponse response, int status, String detail)
      throws IOException {
    response.setHeader("Connection", "close");
    ProblemWriter.write(response, status, detail);
  }
}
