package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The second screen: who leads it, who looks on, and what they hear. */
@DirtiesContext
public class ScreensTest extends ServerTest {

  private static String state(long dance, double tick, boolean playing) {
    return Client.json(
        "{'dance':%d,'scope':{'kind':'WALLS','from':1,'to':1},'playing':%b,'points':[{'tick':%s,'millis':1000}],'ticksASecond':20,'lastTick':384}"
            .formatted(dance, playing, tick));
  }

  private static long lanterns(Client client) {
    return client
        .get("/api/dances")
        .body()
        .valueStream()
        .filter(it -> it.get("title").asString().equals("Paper Lanterns"))
        .map(it -> it.get("id").asLong())
        .findFirst()
        .orElseThrow();
  }

  private static String opened(Client client) {
    Client.Answer answer = client.post("/api/screens", "{}");
    assertEquals(answer.status(), 201);
    return answer.body().get("code").asString();
  }

  @Test
  public void whoHasTheCodeSeesTheDanceAndNothingElse() {
    Client tomas = coInstructor();
    String code = opened(tomas);
    assertTrue(code.matches("[2-9A-HJ-NP-Z]{5}-[2-9A-HJ-NP-Z]{5}"), code);
    JsonNode empty = nobody().get("/api/screens/" + code).body();
    assertFalse(empty.has("state") || empty.has("run"));
    long dance = lanterns(tomas);
    assertEquals(tomas.put("/api/screens/" + code, state(dance, 0, true)).status(), 204);
    JsonNode shown =
        nobody()
            .get(
                "/api/screens/"
                    + code.toLowerCase(Locale.ROOT).replace("-", " ").replace(" ", "%20"))
            .body();
    assertEquals(shown.at("/run/title").asString(), "Paper Lanterns");
    assertEquals(shown.at("/state/playing").asBoolean(), true);
    assertFalse(shown.toString().contains("Steppers"));
    assertEquals(nobody().get("/api/screens/22222-22222").status(), 404);
    assertEquals(nobody().get("/api/screens/xyz").status(), 404);
    assertEquals(tomas.delete("/api/screens/" + code).status(), 204);
    assertEquals(nobody().get("/api/screens/" + code).status(), 404);
  }

  @Test
  public void onlyWhoOpenedItLeadsIt() {
    Client tomas = coInstructor();
    String code = opened(tomas);
    String body = state(lanterns(tomas), 0, true);
    assertEquals(instructor().put("/api/screens/" + code, body).status(), 404);
    assertEquals(instructor().delete("/api/screens/" + code).status(), 404);
    assertEquals(nobody().put("/api/screens/" + code, body).status(), 401);
    assertEquals(nobody().post("/api/screens", "{}").status(), 401);
    assertEquals(tomas.put("/api/screens/" + code, body.replace("WALLS", "SONG")).status(), 204);
    assertEquals(
        tomas.put("/api/screens/" + code, body.replace("\"to\":1", "\"to\":77")).status(), 404);
    assertEquals(tomas.put("/api/screens/" + code, body.replace("20", "9999")).status(), 422);
    // A fourth closes the first.
    for (int i = 0; i < 3; i++) {
      opened(tomas);
    }
    assertEquals(nobody().get("/api/screens/" + code).status(), 404);
  }

  /** Whoever comes late hears what is shown at once, then every change. */
  @Test
  public void whoFollowsHearsEveryChange() throws IOException, InterruptedException {
    Client tomas = coInstructor();
    String code = opened(tomas);
    long dance = lanterns(tomas);
    tomas.put("/api/screens/" + code, state(dance, 12, true));
    HttpRequest request =
        HttpRequest.newBuilder(
                URI.create("http://localhost:" + port() + "/api/screens/" + code + "/events"))
            .build();
    try (HttpClient http = HttpClient.newHttpClient();
        InputStream stream = http.send(request, HttpResponse.BodyHandlers.ofInputStream()).body();
        BufferedReader lines =
            new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
      String first = next(lines);
      assertTrue(first.contains("\"tick\":12"), first);
      tomas.put("/api/screens/" + code, state(dance, 48, false));
      String stopped = next(lines);
      assertTrue(stopped.contains("\"tick\":48") && stopped.contains("\"playing\":false"), stopped);
      tomas.delete("/api/screens/" + code);
      assertEquals(next(lines), "");
    }
  }

  private static String next(BufferedReader lines) throws IOException {
    String line = lines.readLine();
    while (line != null && !line.startsWith("data:")) {
      line = lines.readLine();
    }
    return line == null ? "" : line;
  }
}
