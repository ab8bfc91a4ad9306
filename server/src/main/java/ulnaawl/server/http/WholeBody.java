package ulnaawl.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import ulnaawl.formats.json.ListFile;
import ulnaawl.server.platform.ProblemWriter;

/**
 * Reads the whole body of a request before anybody works on it, so that whoever sends slowly waits
 * alone. Bodies that are larger than anything the product sends are refused, and so are too many at
 * once that do not come to their end.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class WholeBody extends OncePerRequestFilter {

  /** Bytes of a request body: room for the longest step text and some. */
  static final int MOST_BYTES = 512 * 1024;

  /** Bytes of a file with a printed sheet. */
  static final int MOST_OF_FILE = 4 * 1024 * 1024;

  /** Bytes of all files that are brought at once, as they travel. */
  static final int MOST_OF_IMPORT = 16 * 1024 * 1024;

  private static final Map<String, Integer> FILES =
      Map.of(
          "/api/sheets/file", MOST_OF_FILE,
          "/api/imports", MOST_OF_IMPORT,
          "/api/imports/look", MOST_OF_IMPORT,
          "/api/club/file", ListFile.MOST_BYTES,
          "/api/club/file/look", ListFile.MOST_BYTES);

  private static final Set<String> WITH_BODY = Set.of("POST", "PUT", "PATCH", "DELETE");

  private final BodiesUnderway underway = new BodiesUnderway();

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    long length = request.getContentLengthLong();
    if (length > FILES.getOrDefault(request.getRequestURI(), MOST_BYTES)) {
      refuse(
          response,
          413,
          "This is more than is read at once: 64 KB of text for a dance, 500 KB for a list of"
              + " songs, 4 MB for the file of a sheet, 12 MB for all files of an import,"
              + " 24 MB for a whole club.");
    } else if (length < 0 && request.getHeader("Transfer-Encoding") != null) {
      refuse(response, 411, "Say how long the request is.");
    } else if (length <= 0 || !WITH_BODY.contains(request.getMethod())) {
      chain.doFilter(request, response);
    } else {
      read((int) length, request, response, chain);
    }
  }

  private void read(
      int length, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    byte[] body;
    try {
      body = underway.read(request.getRemoteAddr(), length, request.getInputStream());
    } catch (BodiesUnderway.TooMany tooMany) {
      refuse(response, 503, "Too much is on its way to the server; try again in a moment.");
      return;
    } catch (BodiesUnderway.TooSlow tooSlow) {
      refuse(response, 408, "The request did not come to its end in time; send it again.");
      return;
    }
    chain.doFilter(new ReadRequest(request, body), response);
  }

  private static void refuse(HttpServletResponse response, int status, String detail)
      throws IOException {
    response.setHeader("Connection", "close");
    ProblemWriter.write(response, status, detail);
  }
}
