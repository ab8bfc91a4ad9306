package ulnaawl.e2e;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;

/** Somebody at the server without a browser: cookies, the token, JSON. */
final class Visitor {

  /** The password of everybody in the demo club. */
  static final String PASSWORD = "lantern-light";

  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String address;

  Visitor(String address) {
    this.address = address;
  }

  /** Somebody of the demo club who is signed in. */
  static Visitor signedIn(String address, String name) throws IOException {
    Visitor visitor = new Visitor(address);
    HttpResponse<String> answer = visitor.signIn(name);
    if (answer.statusCode() != 200) {
      throw new AssertionError(name + " cannot sign in: " + answer.body());
    }
    return visitor;
  }

  /** Whoever sets a new club up with this code, and is signed in by it. */
  static Visitor settingUp(String address, String name, String code) throws IOException {
    Visitor visitor = new Visitor(address);
    visitor.get("/api/session");
    String form =
        "{\"name\":\"%s\",\"password\":\"%s\",\"code\":\"%s\"}".formatted(name, PASSWORD, code);
    HttpResponse<String> answer = visitor.post("/api/setup", form);
    if (answer.statusCode() != 201) {
      throw new AssertionError("The club cannot be set up: " + answer.body());
    }
    visitor.get("/api/session");
    return visitor;
  }

  HttpResponse<String> signIn(String name) throws IOException {
    String credentials = "{\"name\":\"" + name + "\",\"password\":\"" + PASSWORD + "\"}";
    get("/api/session");
    HttpResponse<String> answer = post("/api/session", credentials);
    get("/api/session");
    return answer;
  }

  HttpResponse<String> get(String path) throws IOException {
    return send(HttpRequest.newBuilder(URI.create(address + path)).build());
  }

  HttpResponse<String> post(String path, String body) throws IOException {
    return write("POST", path, body);
  }

  /** Sends JSON by any method that changes something. */
  HttpResponse<String> write(String method, String path, String body) throws IOException {
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", token())
            .method(method, HttpRequest.BodyPublishers.ofString(body))
            .build());
  }

  HttpResponse<String> postBytes(String path, byte[] body) throws IOException {
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/octet-stream")
            .header("X-XSRF-TOKEN", token())
            .POST(HttpRequest.BodyPublishers.ofByteArray(body))
            .build());
  }

  private String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  private HttpResponse<String> send(HttpRequest request) throws IOException {
    try {
      return http.send(request, HttpResponse.BodyHandlers.ofString());
    } catch (InterruptedException e) {
      throw new IOException(e);
    }
  }
}
