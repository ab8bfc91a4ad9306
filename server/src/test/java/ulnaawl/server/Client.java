package ulnaawl.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** A browser's half of the conversation: cookies, the token, JSON. */
final class Client {

  private static final ObjectMapper MAPPER = new ObjectMapper();

  private final CookieManager cookies;
  private final HttpClient http;
  private final String base;

  Client(int port) {
    this(port, new CookieManager());
  }

  private Client(int port, CookieManager cookies) {
    this.base = "http://localhost:" + port;
    this.cookies = cookies;
    this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
  }

  /** The same browser, gone to another server of the same machine. */
  Client at(int port) {
    return new Client(port, cookies);
  }

  /** An answer: its status and its body, an empty object where it has none. */
  record Answer(int status, JsonNode body, HttpResponse<String> raw) {
    String detail() {
      return body.path("detail").asString("");
    }
  }

  static Client signedIn(int port, String name, String password) {
    return new Client(port).signIn(name, password);
  }

  Client signIn(String name, String password) {
    Answer answer =
        post("/api/session", json("{'name':'%s','password':'%s'}".formatted(name, password)));
    if (answer.status() != 200) {
      throw new AssertionError("Not signed in: " + answer.raw().body());
    }
    return this;
  }

  static String json(String withSingleQuotes) {
    return withSingleQuotes.replace('\'', '"');
  }

  static String quoted(String text) {
    return MAPPER.writeValueAsString(text);
  }

  Answer get(String path) {
    return send(HttpRequest.newBuilder(URI.create(base + path)).GET());
  }

  /** A stream of events that is listened to until it is closed. */
  Events listen(String path) {
    try {
      HttpRequest request = HttpRequest.newBuilder(URI.create(base + path)).GET().build();
      return new Events(http.send(request, HttpResponse.BodyHandlers.ofInputStream()));
    } catch (IOException | InterruptedException e) {
      throw new AssertionError(e);
    }
  }

  /** Server-sent events, as they come. */
  static final class Events implements AutoCloseable {

    private final int status;
    private final InputStream in;
    private final BlockingQueue<String> lines = new LinkedBlockingQueue<>();

    Events(HttpResponse<InputStream> answer) {
      this.status = answer.statusCode();
      this.in = answer.body();
      Thread.startVirtualThread(() -> {
        try (BufferedReader reader =
            new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
          reader.lines().forEach(lines::add);
        } catch (IOException | UncheckedIOException closed) {
          // Nobody listens any more.
        }
        lines.add(END);
      });
    }

    private static final String END = "the end";
    private static final int LONGEST_SECONDS = 60;

    int status() {
      return status;
    }

    /** The data of the next event of that name, within a minute; what comes before is left out. */
    JsonNode next(String name) {
      try {
        while (true) {
          String line = lines.poll(LONGEST_SECONDS, TimeUnit.SECONDS);
          if (line == null || line.equals(END)) {
            throw new AssertionError("No event " + name + " within a minute");
          }
          if (line.equals("event:" + name)) {
            String data = lines.poll(LONGEST_SECONDS, TimeUnit.SECONDS);
            return MAPPER.readTree(String.valueOf(data).substring("data:".length()));
          }
        }
      } catch (InterruptedException e) {
        throw new AssertionError(e);
      }
    }

    /** Whether the server has closed it within a minute, whatever it said before. */
    boolean isClosed() {
      try {
        for (String line = lines.poll(LONGEST_SECONDS, TimeUnit.SECONDS);
            line != null;
            line = lines.poll(LONGEST_SECONDS, TimeUnit.SECONDS)) {
          if (line.equals(END)) {
            return true;
          }
        }
        return false;
      } catch (InterruptedException e) {
        throw new AssertionError(e);
      }
    }

    @Override
    public void close() {
      try {
        in.close();
      } catch (IOException e) {
        throw new AssertionError(e);
      }
    }
  }

  /** A status that was answered otherwise, as an answer. */
  Answer asIfAnswered(int status) {
    return new Answer(status, MAPPER.createObjectNode(), get("/api/session").raw());
  }

  /** The bytes of an answer. */
  byte[] bytes(String path) {
    try {
      HttpRequest request = HttpRequest.newBuilder(URI.create(base + path)).GET().build();
      return http.send(request, HttpResponse.BodyHandlers.ofByteArray()).body();
    } catch (IOException | InterruptedException e) {
      throw new AssertionError(e);
    }
  }

  /** Asks with a header. */
  Answer getWith(String path, String header, String value) {
    return send(HttpRequest.newBuilder(URI.create(base + path)).header(header, value).GET());
  }

  /** Asks for what may be known already by its tag. */
  Answer getUnless(String path, String tag) {
    return send(HttpRequest.newBuilder(URI.create(base + path)).header("If-None-Match", tag).GET());
  }

  Answer postWith(String path, String body, String header, String value) {
    return send(
        write(path).setHeader(header, value).POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  Answer post(String path, String body) {
    return send(write(path).POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  /** Sends a file. */
  Answer postBytes(String path, byte[] body) {
    return send(
        write(path)
            .setHeader("Content-Type", "application/octet-stream")
            .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
  }

  Answer put(String path, String body) {
    return send(write(path).PUT(HttpRequest.BodyPublishers.ofString(body)));
  }

  Answer delete(String path) {
    return send(write(path).DELETE());
  }

  /** Anything, with one more header; without a body where there is none. */
  Answer ask(String method, String path, String body, Map<String, String> headers) {
    HttpRequest.Builder request = write(path);
    headers.forEach(request::setHeader);
    return send(
        request.method(
            method,
            body.isEmpty()
                ? HttpRequest.BodyPublishers.noBody()
                : HttpRequest.BodyPublishers.ofString(body)));
  }

  /** A write without the token that proves the page is ours. */
  Answer postWithoutToken(String path, String body) {
    return send(
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  /** A write with a token that is not this session's. */
  Answer without(String method, String path, String body) {
    return send(
        HttpRequest.newBuilder(URI.create(base + path.replaceAll("\\{\\w+}", "1")))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", "0123456789abcdef")
            .method(method, HttpRequest.BodyPublishers.ofString(body)));
  }

  /** The lines of a head that say who writes, for a request that is sent by hand. */
  String headOfWrite() {
    String all =
        cookies.getCookieStore().getCookies().stream()
            .map(it -> it.getName() + "=" + it.getValue())
            .collect(Collectors.joining("; "));
    return "Cookie: " + all + "\r\nX-XSRF-TOKEN: " + token() + "\r\n";
  }

  private HttpRequest.Builder write(String path) {
    if (token().isEmpty()) {
      get("/api/session");
    }
    return HttpRequest.newBuilder(URI.create(base + path))
        .header("Content-Type", "application/json")
        .header("X-XSRF-TOKEN", token());
  }

  private String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  private Answer send(HttpRequest.Builder request) {
    try {
      HttpResponse<String> raw = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
      String type = raw.headers().firstValue("Content-Type").orElse("");
      JsonNode body =
          type.contains("json") && !raw.body().isEmpty()
              ? MAPPER.readTree(raw.body())
              : MAPPER.createObjectNode();
      return new Answer(raw.statusCode(), body, raw);
    } catch (IOException | InterruptedException e) {
      throw new AssertionError(e);
    }
  }
}
