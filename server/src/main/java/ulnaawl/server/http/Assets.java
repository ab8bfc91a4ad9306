package ulnaawl.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
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

  /** The codings that the build packs with, the smallest first, and the ending of each. */
  private static final List<Map.Entry<String, String>> PACKED =
      List.of(Map.entry("br", ".br"), Map.entry("gzip", ".gz"));

  /** A file's bytes as they are sent; the coding is empty where they are plain. */
  @SuppressWarnings("ArrayRecordComponent") // never compared, and never changed
  private record Form(String coding, byte[] bytes) {}

  private final Map<String, byte[]> files = new ConcurrentHashMap<>();

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
    Optional<Form> form = form(name, request.getHeader(HttpHeaders.ACCEPT_ENCODING));
    if (form.isEmpty()) {
      chain.doFilter(request, response);
    } else {
      write(response, form.get(), parts.group(1));
    }
  }

  /** A file in the smallest form that the browser takes. */
  private Optional<Form> form(String name, @Nullable String accepted) throws IOException {
    String takes = accepted == null ? "" : accepted;
    for (Map.Entry<String, String> packed : PACKED) {
      if (takes.contains(packed.getKey())) {
        Optional<byte[]> bytes = file(name + packed.getValue());
        if (bytes.isPresent()) {
          return bytes.map(it -> new Form(packed.getKey(), it));
        }
      }
    }
    return file(name).map(it -> new Form("", it));
  }

  private static void write(HttpServletResponse response, Form form, String kind)
      throws IOException {
    if (!form.coding().isEmpty()) {
      response.setHeader(HttpHeaders.CONTENT_ENCODING, form.coding());
    }
    response.setContentType(TYPES.get(kind));
    response.setHeader(HttpHeaders.CACHE_CONTROL, "public, max-age=31536000, immutable");
    response.setHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setContentLength(form.bytes().length);
    response.getOutputStream().write(form.bytes());
  }

  /** A file's bytes, read once; what is not there is not remembered. */
  private Optional<byte[]> file(String name) throws IOException {
    Optional<byte[]> known = Optional.ofNullable(files.get(name));
    if (known.isPresent()) {
      return known;
    }
    try (InputStream in = Assets.class.getResourceAsStream("/static" + name)) {
      if (in == null) {
        return Optional.empty();
      }
      byte[] read = in.readAllBytes();
      files.put(name, read);
      return Optional.of(read);
    }
  }
}
