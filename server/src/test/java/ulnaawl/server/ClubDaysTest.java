package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** A day that is no club's day is refused wherever one is asked for, in an address or a body. */
public class ClubDaysTest extends ServerTest {

  private static final List<String> NONE =
      List.of("1989-12-31", "2036-11-25", "-999999999-01-01", "+999999999-12-31", "0000-00-00");

  private JsonNode contract = JsonNodeFactory.instance.objectNode();

  @Test
  public void noneIsTakenAnywhere() {
    Client oda = instructor();
    contract = oda.get("/api/openapi").body();
    Set<String> taken = new TreeSet<>();
    int bodies = 0;
    int addresses = 0;
    for (Endpoint endpoint : Endpoint.of(contract)) {
      JsonNode schema = endpoint.operation().at("/requestBody/content/application~1json/schema");
      List<String> fields = days(schema);
      for (String none : NONE) {
        for (String field : fields) {
          String body = Client.json("{'" + field + "':'" + none + "'}");
          String path = endpoint.path().replace("{day}", "2026-11-23").replaceAll("\\{\\w+}", "1");
          Client.Answer answer = oda.ask(endpoint.method(), path, body, Map.of());
          boolean said = answer.detail().contains("no day") || answer.status() == 400;
          if (!said) {
            taken.add(
                endpoint.name()
                    + " "
                    + field
                    + "="
                    + none
                    + ": "
                    + answer.status()
                    + " "
                    + answer.detail());
          }
          bodies++;
        }
        for (JsonNode parameter : endpoint.operation().path("parameters")) {
          if (parameter.at("/schema/format").asString("").equals("date")) {
            String path = path(endpoint, parameter, none);
            Client.Answer answer = oda.ask(endpoint.method(), path, "", Map.of());
            if (answer.status() / 100 != 4) {
              taken.add(endpoint.name() + " " + none + ": " + answer.status());
            }
            addresses++;
          }
        }
      }
    }
    assertTrue(bodies > 50 && addresses > 4, bodies + " bodies, " + addresses + " addresses");
    assertEquals(String.join("\n", taken), "");
  }

  private static String path(Endpoint endpoint, JsonNode parameter, String day) {
    String name = parameter.path("name").asString();
    String path =
        endpoint
            .path()
            .replace("{" + name + "}", day.replace("+", "%2B"))
            .replaceAll("\\{\\w+}", "1");
    return parameter.path("in").asString().equals("query")
        ? path + "?" + name + "=" + day.replace("+", "%2B")
        : path;
  }

  private List<String> days(JsonNode schema) {
    String name = schema.path("$ref").asString("").replaceAll(".*/", "");
    return contract
        .at("/components/schemas/" + name)
        .path("properties")
        .propertyStream()
        .filter(it -> it.getValue().path("format").asString("").equals("date"))
        .map(Map.Entry::getKey)
        .toList();
  }
}
