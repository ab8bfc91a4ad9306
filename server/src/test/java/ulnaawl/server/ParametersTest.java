package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A parameter that means nothing is told, at every address, and makes no question of its own. */
public class ParametersTest extends ServerTest {

  @Test
  public void whatNoEndpointHasIsTold() {
    Client oda = instructor();
    Set<String> passedOver = new TreeSet<>();
    int asked = 0;
    for (Endpoint endpoint : Endpoint.of(oda.get("/api/openapi").body())) {
      if (endpoint.method().equals("GET") && !endpoint.path().endsWith("/events")) {
        String path = endpoint.path().replaceAll("\\{\\w+}", "1");
        Client.Answer answer = oda.get(path + "?no-such=" + "x".repeat(5_000));
        // Whose thing it is may be asked first.
        if (answer.status() != 400 && answer.status() != 404) {
          passedOver.add(endpoint.path() + " " + answer.status());
        }
        asked++;
      }
    }
    assertTrue(asked > 60, asked + " endpoints");
    assertEquals(passedOver, Set.of());
  }

  @Test
  public void thoseThatThereAreAreNamed() {
    Client oda = instructor();
    assertEquals(
        oda.get("/api/dances/1/teach?grup=1&minutes=20").detail(),
        "There is no parameter 'grup' at this address; there are group, minutes, school, upTo.");
    assertTrue(oda.get("/api/songs?x=1").detail().contains("there are none here"));
  }

  /** What the contract says, the server takes: none of its parameters is called unknown. */
  @Test
  public void allOfTheContractAreKnown() {
    Client oda = instructor();
    for (Endpoint endpoint : Endpoint.of(oda.get("/api/openapi").body())) {
      List<String> names =
          endpoint
              .operation()
              .path("parameters")
              .valueStream()
              .filter(it -> it.path("in").asString().equals("query"))
              .map((JsonNode it) -> it.path("name").asString())
              .toList();
      if (endpoint.method().equals("GET") && !names.isEmpty()) {
        String query = String.join("=1&", names) + "=1";
        Client.Answer answer = oda.get(endpoint.path().replaceAll("\\{\\w+}", "1") + "?" + query);
        assertTrue(!answer.detail().contains("no parameter"), answer.detail());
      }
    }
  }
}
