package ulnaawl.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Serves what the pages are made of, from memory and packed as the build has packed it. The name of
 * such a file changes with what is in it, so a browser keeps it for good; it is nobody's secret.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class Assets extends OncePerRequestFilter {

  private static final String FOLDER = "/assets/";
  private static final Pattern NAME = Pattern.compile("/assets/[\\w.-]+\\.(\\w+)");
  private static final Map<String, String> TYPES =
      Map.of(
          "js", "text/javascript;charset=utf-8",
          "css", "text/css;charset=utf-8",
          "woff2", "font/woff2",
          "woff", "font/woff",
          "svg", "image/svg+xml",
          "json", "application/json");

  private final Map<String, Optional<byte[]>> files = new ConcurrentHashMap<>();

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getRequestURI().startsWith(FOLDER);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String name = request.getRequestURI();
    var parts = NAME.matcher(name);
    boolean asked = request.getMethod().equals("GET") || request.getMethod().equals("HEAD");
    if (!asked || !parts.matches() || !TYPES.containsKey(parts.group(1))) {
      chain.doFilter(request, response);
      return;
    }
    String takes = Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT_ENCODING)).orElse("");
    if (!send(response, name, takes.contains("br") ? "br" : "", ".br", parts.group(1))
        && !send(response, name, takes.contains("gzip") ? "gzip" : "", ".gz", parts.group(1))
        && !plain(response, name, parts.group(1))) {
      chain.doFilter(request, response);
    }
  }

  private boolean send(
      HttpServletResponse response, String name, String coding, String ending, String kind)
      throws IOException {
    if (coding.isEmpty()) {
      return false;
    }
    Optional<byte[]> packed = file(name + ending);
    if (packed.isPresent()) {
      response.setHeader(HttpHeaders.CONTENT_ENCODING, coding);
      write(response, packed.get(), kind);
    }
    return packed.isPresent();
  }

  private boolean plain(HttpServletResponse response, String name, String kind) throws IOException {
    Optional<byte[]> file = file(name);
    if (file.isPresent()) {
      write(response, file.get(), kind);
    }
    return file.isPresent();
  }

  private static void write(HttpServletResponse response, byte[] bytes, String kind)
      throws IOException {
    response.setContentType(TYPES.get(kind));
    response.setHeader(HttpHeaders.CACHE_CONTROL, "public, max-age=31536000, immutable");
    response.setHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setContentLength(bytes.length);
    response.getOutputStream().write(bytes);
  }

  /** A file's bytes, read once; what is not there is not remembered. */
  private Optional<byte[]> file(String name) throws IOException {
    Optional<byte[]> known = files.get(name);
    if (known != null) {
      return known;
    }
    try (InputStream in = Assets.class.getResourceAsStream("/static" + name)) {
      if (in == null) {
        return Optional.empty();
      }
      Optional<byte[]> read = Optional.of(in.readAllBytes());
      files.put(name, read);
      return read;
    }
  }
}
