package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Odd requests to every address of the contract: each is answered, none with a fault of ours. */
@DirtiesContext
public class RequestFuzzTest extends ServerTest {

  private static final int REQUESTS = Boolean.getBoolean("ulna.long") ? 10_000 : 1_200;
  private static final long SEED = Long.getLong("ulna.fuzz.seed", 5);
  private static final int CLIENTS = 4;
  private static final int PATIENCE = 20;
  private static final int ODD_IN_TEN = 3;

  /** They work for long, or end the session that asks. */
  private static final List<String> SELDOM =
      List.of("post /api/backups", "delete /api/session", "put /api/session/password");

  private static final int MOST_OF_SELDOM = 3;

  private static final List<String> ODD =
      List.of(
          "",
          " ",
          "0",
          "-1",
          "1",
          "2",
          "7",
          "999999999999",
          "99999999999999999999999",
          "1.5",
          "NaN",
          "null",
          "true",
          "CLEAN,,SHAKY",
          ",",
          "2026-11-30",
          "-999999999-01-01",
          "+999999999-12-31",
          "2026-02-30",
          "19:30",
          "25:61",
          "128.5",
          "1/2 R",
          "restart",
          "12 o'clock",
          "DANCE",
          "BEGINNER",
          "\u0130".repeat(60),
          "a\u0301\u00e1",
          "\ud83d\udc83",
          "x".repeat(5_000),
          "\u202eabc",
          "a\u0000b",
          "%00",
          "../../etc/passwd",
          "'; drop table person; --",
          "<script>alert(1)</script>",
          "title: X\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n");

  private record Fault(String request, int status, String answer) {}

  private JsonNode contract = tools.jackson.databind.node.JsonNodeFactory.instance.objectNode();

  @Test
  public void noOddRequestIsAFaultOfOurs() throws InterruptedException {
    contract = instructor().get("/api/openapi").body();
    // The one with no end is left to LiveTest, which listens to it.
    List<Endpoint> endpoints =
        Endpoint.of(contract).stream().filter(it -> !it.path().equals("/api/live/events")).toList();
    assertTrue(endpoints.size() > 60, "" + endpoints.size());
    Queue<Fault> faults = new ConcurrentLinkedQueue<>();
    Map<Integer, Integer> statuses = new java.util.concurrent.ConcurrentSkipListMap<>();
    List<Thread> clients = new ArrayList<>();
    for (int i = 0; i < CLIENTS; i++) {
      Random random = new Random(SEED + i);
      clients.add(Thread.startVirtualThread(() -> ask(random, endpoints, faults, statuses)));
    }
    for (Thread client : clients) {
      client.join();
    }
    Map<String, List<Fault>> kinds =
        faults.stream()
            .collect(
                Collectors.groupingBy(
                    it -> it.request().replaceAll("[?{\\n].*", ""),
                    TreeMap::new,
                    Collectors.toList()));
    assertEquals(
        faults.size(),
        0,
        kinds.values().stream().map(it -> "\n" + it.getFirst()).toList().toString());
    int answered = statuses.values().stream().mapToInt(it -> it).sum();
    assertTrue(answered >= REQUESTS, statuses.toString());
    assertTrue(statuses.getOrDefault(200, 0) > REQUESTS / 20, "hardly anything works: " + statuses);
    assertTrue(
        statuses.getOrDefault(422, 0) > REQUESTS / 50, "hardly anything is checked: " + statuses);
  }

  private void ask(
      Random random,
      List<Endpoint> endpoints,
      Queue<Fault> faults,
      Map<Integer, Integer> statuses) {
    Client client = instructor();
    Map<String, Integer> asked = new TreeMap<>();
    for (int i = 0; i < REQUESTS / CLIENTS; ) {
      Endpoint endpoint = endpoints.get(random.nextInt(endpoints.size()));
      boolean seldom = SELDOM.contains(endpoint.name());
      if (seldom && asked.merge(endpoint.name(), 1, Integer::sum) > MOST_OF_SELDOM) {
        continue;
      }
      i++;
      String path = path(endpoint, random);
      if (path.matches("/api/people/1\\b.*")) {
        // Whoever asks must not lose their name.
        path = path.replace("/people/1", "/people/2");
      }
      String body =
          random.nextInt(40) == 0 ? odd(random) : body(endpoint.operation(), random).toString();
      Client.Answer answer =
          switch (endpoint.method()) {
            case "GET" -> client.get(path);
            case "POST" -> client.post(path, body);
            case "PUT" -> client.put(path, body);
            case "DELETE" -> client.delete(path);
            default -> throw new AssertionError(endpoint.name());
          };
      statuses.merge(answer.status(), 1, Integer::sum);
      if (answer.status() >= 500 || (answer.status() >= 400 && answer.detail().isBlank())) {
        faults.add(
            new Fault(
                endpoint.name() + " " + path + " " + cut(body),
                answer.status(),
                cut(answer.raw().body())));
      }
      if (endpoint.name().equals("DELETE /api/session") || answer.status() == 401) {
        signInAgain(client);
      }
    }
  }

  /** On the device that is known; where the guesses of all clients together are many, later. */
  private static void signInAgain(Client client) {
    String me = Client.json("{'name':'Oda Marsh','password':'lantern-light'}");
    Client.Answer back = client.post("/api/session", me);
    for (int tries = 0; back.status() == 429 && tries < PATIENCE; tries++) {
      LockSupport.parkNanos(Duration.ofSeconds(2).toNanos());
      back = client.post("/api/session", me);
    }
    assertEquals(back.status(), 200, back.raw().body());
  }

  private static String cut(String text) {
    return text.substring(0, Math.min(300, text.length()));
  }

  private static String odd(Random random) {
    return ODD.get(random.nextInt(ODD.size()));
  }

  private String path(Endpoint endpoint, Random random) {
    String path = endpoint.path();
    StringBuilder query = new StringBuilder();
    for (JsonNode parameter : endpoint.operation().path("parameters")) {
      String name = parameter.get("name").asString();
      Object plain = value(parameter.get("schema"), random, 0);
      String value =
          random.nextInt(10) < ODD_IN_TEN ? odd(random) : String.valueOf(plain).replace("\"", "");
      String encoded = URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
      if (parameter.get("in").asString().equals("path")) {
        path = path.replace("{" + name + "}", encoded.isEmpty() ? "%20" : encoded);
      } else if (random.nextInt(8) > 0) {
        query.append(query.isEmpty() ? "?" : "&").append(name).append('=').append(encoded);
      }
    }
    return path + query;
  }

  private Object body(JsonNode operation, Random random) {
    JsonNode schema = operation.at("/requestBody/content/application~1json/schema");
    return schema.isMissingNode() ? "{}" : value(schema, random, 0);
  }

  /** Something that fits a schema, or nearly. */
  private Object value(JsonNode schema, Random random, int depth) {
    if (schema.has("$ref")) {
      String name = schema.get("$ref").asString().replaceAll(".*/", "");
      return value(contract.at("/components/schemas/" + name), random, depth);
    }
    if (depth > 0 && random.nextInt(10) == 0) {
      return Client.quoted(odd(random));
    }
    if (schema.has("enum")) {
      JsonNode values = schema.get("enum");
      return Client.quoted(values.get(random.nextInt(values.size())).asString());
    }
    return switch (schema.path("type").asString("object")) {
      case "integer" -> List.of(0, 1, 1, 2, 3, 4, 8, 60, -1, 1_000_000).get(random.nextInt(10));
      case "number" -> List.of(0, 0.5, 100, 128.25, -3, 1e300).get(random.nextInt(6));
      case "boolean" -> random.nextBoolean();
      case "array" -> array(schema.get("items"), random, depth);
      case "string" -> string(schema, random);
      default -> object(schema, random, depth);
    };
  }

  private static String string(JsonNode schema, Random random) {
    return switch (schema.path("format").asString("")) {
      case "date" -> Client.quoted("2026-1" + random.nextInt(3) + "-2" + random.nextInt(9));
      case "partial-time", "time" -> Client.quoted("19:30:00");
      default -> Client.quoted(odd(random));
    };
  }

  private List<Object> array(JsonNode items, Random random, int depth) {
    int many = random.nextInt(20) == 0 ? 50 : random.nextInt(4);
    Object same = value(items, random, depth + 1);
    List<Object> all = new ArrayList<>();
    for (int i = 0; i < many; i++) {
      all.add(many == 50 ? same : value(items, random, depth + 1));
    }
    return all;
  }

  private String object(JsonNode schema, Random random, int depth) {
    if (depth > 6) {
      return "{}";
    }
    List<String> fields = new ArrayList<>();
    schema
        .path("properties")
        .propertyStream()
        .forEach(property -> {
          if (random.nextInt(15) > 0) {
            fields.add(
                Client.quoted(property.getKey())
                    + ":"
                    + value(property.getValue(), random, depth + 1));
          }
        });
    return "{" + String.join(",", fields) + "}";
  }
}
