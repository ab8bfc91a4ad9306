package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.TestPropertySource;
import org.testng.annotations.Test;

/**
 * Behind a proxy that was named: cookies are for TLS only, and guesses count for whoever guesses.
 */
@DirtiesContext
@TestPropertySource(properties = "ulna.proxies=127.0.0.1")
public class BehindProxyTest extends ServerTest {

  private HttpResponse<String> send(String from, HttpRequest.Builder request)
      throws IOException, InterruptedException {
    try (HttpClient http = HttpClient.newHttpClient()) {
      return http.send(
          request.header("X-Forwarded-Proto", "https").header("X-Forwarded-For", from).build(),
          HttpResponse.BodyHandlers.ofString());
    }
  }

  private HttpRequest.Builder session() {
    return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + "/api/session"));
  }

  @Test
  public void cookiesAreForTlsOnly() throws IOException, InterruptedException {
    List<String> cookies = send("192.0.2.9", session()).headers().allValues("Set-Cookie");
    assertTrue(cookies.stream().anyMatch(it -> it.startsWith("XSRF-TOKEN=")), cookies.toString());
    assertTrue(cookies.stream().allMatch(it -> it.contains("Secure")), cookies.toString());
  }

  @Test
  public void guessesCountForTheirOwnAddress() throws IOException, InterruptedException {
    int last = 0;
    for (int i = 0; i < 60 && last != 429; i++) {
      last = guess("192.0.2.77", i);
    }
    assertEquals(last, 429, "one address guesses too much");
    assertEquals(guess("192.0.2.78", 100), 401, "another one is not held up by it");
  }

  private int guess(String from, int number) throws IOException, InterruptedException {
    String token = "11111111-2222-3333-4444-555555555555";
    return send(
            from,
            session()
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=" + token)
                .header("X-XSRF-TOKEN", token)
                .POST(
                    HttpRequest.BodyPublishers.ofString(
                        "{\"name\":\"Nobody %d\",\"password\":\"wrong as it is\"}"
                            .formatted(number))))
        .statusCode();
  }
}
