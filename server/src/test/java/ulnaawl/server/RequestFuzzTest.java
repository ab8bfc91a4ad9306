package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.Reporter;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Odd requests to every address of the contract: each is answered, none with a fault of ours. */
@DirtiesContext
public class RequestFuzzTest extends ServerTest {

  private static final int REQUESTS = Boolean.getBoolean("ulna.long") ? 10_000 : 1_200;
  private static final long SEED = Long.getLong("ulna.fuzz.seed", 5);

  /** How long it goes on at the least, in minutes; then the slowest answer counts as well. */
  private static final int MINUTES = Integer.getInteger("ulna.fuzz.minutes", 0);

  private static final Duration SLOW = Duration.ofSeconds(2);

  private static final String OWNER = "Oda Marsh";

  /** Who asks: two owners, one of each other role, one of the club's own, and nobody. */
  private static final List<String> CLIENTS =
      List.of(OWNER, OWNER, "Wilma Otterspoor", "Tomas Brandl", "Ines Kallas", "Bertil Aune", "");

  private static final int PATIENCE = 60;
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

  private final Queue<Fault> faults = new ConcurrentLinkedQueue<>();
  private final Map<Integer, Integer> statuses = new ConcurrentSkipListMap<>();

  /** How long the slowest answer of each endpoint took. */
  private final Map<String, Duration> slowest = new ConcurrentHashMap<>();

  private final Set<String> gone = ConcurrentHashMap.newKeySet();

  private JsonNode contract = tools.jackson.databind.node.JsonNodeFactory.instance.objectNode();

  @Test
  public void noOddRequestIsAFaultOfOurs() throws InterruptedException {
    contract = instructor().get("/api/openapi").body();
    // The one with no end is left to LiveTest, which listens to it.
    List<Endpoint> endpoints =
        Endpoint.of(contract).stream().filter(it -> !it.path().equals("/api/live/events")).toList();
    assertTrue(endpoints.size() > 60, "" + endpoints.size());
    giveInesARoleOfTheClubsOwn();
    Instant end = Instant.now().plus(Duration.ofMinutes(MINUTES));
    List<Thread> clients = new ArrayList<>();
    for (String name : CLIENTS) {
      Random random = new Random(SEED + clients.size());
      clients.add(Thread.startVirtualThread(() -> ask(name, random, endpoints, end)));
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
    int answered = statuses.values().stream().mapToInt(it -> it).sum();
    if (MINUTES > 0) {
      Reporter.log(answered + " requests " + statuses + ", slowest " + slowest(), true);
    }
    assertEquals(
        faults.size(),
        0,
        kinds.values().stream().map(it -> "\n" + it.getFirst()).toList().toString());
    assertTrue(answered > REQUESTS - CLIENTS.size(), statuses.toString());
    assertTrue(statuses.getOrDefault(200, 0) > REQUESTS / 20, "hardly anything works: " + statuses);
    assertTrue(
        statuses.getOrDefault(422, 0) > REQUESTS / 50, "hardly anything is checked: " + statuses);
    if (MINUTES > 0) {
      assertEquals(
          slowest().stream().filter(it -> it.took().compareTo(SLOW) > 0).toList(), List.of());
    }
  }

  private record Slow(String endpoint, Duration took) {}

  private List<Slow> slowest() {
    return slowest.entrySet().stream()
        .map(it -> new Slow(it.getKey(), it.getValue()))
        .sorted(Comparator.comparing(Slow::took).reversed())
        .limit(10)
        .toList();
  }

  private void giveInesARoleOfTheClubsOwn() {
    Client oda = instructor();
    JsonNode role =
        ok(
            oda.post(
                "/api/roles",
                Client.json(
                    "{'name':'Secretary','abilities':['PEOPLE','FILES','CALENDAR','SHARE'],'version':0}")));
    ok(
        oda.put(
            "/api/people/4",
            Client.json(
                "{'name':'Ines Kallas','role':'%s','version':1}"
                    .formatted(role.at("/role/code").asString()))));
  }

  private void ask(String name, Random random, List<Endpoint> endpoints, Instant end) {
    Client client = name.isEmpty() ? nobody() : Client.signedIn(port(), name, PASSWORD);
    Map<String, Integer> asked = new TreeMap<>();
    for (int i = 0; i < REQUESTS / CLIENTS.size() || Instant.now().isBefore(end); ) {
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
      Instant begun = Instant.now();
      Client.Answer answer =
          switch (endpoint.method()) {
            case "GET" -> client.get(path);
            case "POST" -> client.post(path, body);
            case "PUT" -> client.put(path, body);
            case "DELETE" -> client.delete(path);
            default -> throw new AssertionError(endpoint.name());
          };
      slowest.merge(
          endpoint.name(),
          Duration.between(begun, Instant.now()),
          (one, other) -> one.compareTo(other) > 0 ? one : other);
      statuses.merge(answer.status(), 1, Integer::sum);
      if (answer.status() >= 500 || (answer.status() >= 400 && answer.detail().isBlank())) {
        faults.add(
            new Fault(
                endpoint.name() + " " + path + " " + cut(body),
                answer.status(),
                cut(answer.raw().body())));
      }
      boolean isOut = endpoint.name().equals("DELETE /api/session") || answer.status() == 401;
      if (isOut && !name.isEmpty()) {
        signInAgain(client, name);
      }
    }
  }

  /** On the device that is known; where the guesses of all clients together are many, later. */
  private void signInAgain(Client client, String name) {
    String who = gone.contains(name) ? OWNER : name;
    String me = Client.json("{'name':'" + who + "','password':'lantern-light'}");
    Client.Answer back = client.post("/api/session", me);
    for (int tries = 0; back.status() == 429 && tries < PATIENCE; tries++) {
      LockSupport.parkNanos(Duration.ofSeconds(2).toNanos());
      back = client.post("/api/session", me);
    }
    if (back.status() == 401 && !who.equals(OWNER)) {
      // Taken out of the club, or called otherwise, by an odd request that was a good one.
      gone.add(name);
      signInAgain(client, name);
      return;
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
