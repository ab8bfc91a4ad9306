package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;
import ulnaawl.server.access.AccessLine;
import ulnaawl.server.access.AccessTable;
import ulnaawl.server.access.BuiltInRoles;
import ulnaawl.server.access.Role;

/** Every endpoint has its role check and its limits. */
public class AccessTest extends ServerTest {

  private static final Path CONTRACT = Path.of("../web/src/api/openapi.json");

  private static final AccessTable TABLE = AccessTable.read();

  private static final String SONG =
      "{'title':'X','artist':'','bpm':'','countRate':'','length':'','intro':'','meter':'','style':'',"
          + "'phrases':'','location':'','explicitWords':false,'version':99}";

  /** A line of the table, called for things that are not there, without anything in the body. */
  static Client.Answer call(Client client, AccessLine line) {
    if (line.name().equals("GET /api/live/events")) {
      // It has no end: what it says at its beginning is enough.
      try (Client.Events events = client.listen("/api/live/events")) {
        return events.status() == 200
            ? new Client.Answer(200, events.next("hello"), client.get("/api/session").raw())
            : client.get("/api/live/events");
      }
    }
    String filled =
        line.path()
            .getPatternString()
            .replace("{thing}", "DANCE")
            .replaceAll("\\{\\w+}", String.valueOf(NOT_THERE));
    return switch (line.method().name()) {
      case "GET" -> client.get(filled);
      case "POST" -> client.post(filled, "{}");
      case "PUT" -> client.put(filled, "{}");
      case "DELETE" -> client.delete(filled + "?version=999");
      default -> throw new AssertionError(line.name());
    };
  }

  @Test
  public void theTableIsWhatTheContractHas() {
    Set<String> contract = new TreeSet<>(Set.of("GET /api/openapi", "GET /api/openapi.yaml"));
    Endpoint.of(instructor().get("/api/openapi").body()).forEach(it -> contract.add(it.name()));
    assertEquals(
        TABLE.lines().stream().map(AccessLine::name).collect(Collectors.toCollection(TreeSet::new)),
        contract);
  }

  private static final long NOT_THERE = 987_654;

  @DataProvider
  public Object[][] people() {
    return new Object[][] {
      {"Bertil Aune", BuiltInRoles.VIEWER},
      {"Tomas Brandl", BuiltInRoles.CO_INSTRUCTOR},
      {"Wilma Otterspoor", BuiltInRoles.INSTRUCTOR},
      {"Oda Marsh", BuiltInRoles.OWNER}
    };
  }

  /**
   * Whoever may not is told so before anything is looked at: nobody learns by a refusal what there
   * is. Who may what, and that they are let in, {@link WhoMayTest} holds.
   */
  @Test(dataProvider = "people")
  public void aRefusalComesBeforeAnythingIsLookedAt(String name, Role role) {
    Client client = Client.signedIn(port(), name, PASSWORD);
    int refused = 0;
    for (AccessLine line : TABLE.lines()) {
      if (line.isForEverybody() || line.name().equals("DELETE /api/session")) {
        continue;
      }
      Client.Answer answer = call(client, line);
      if (!line.lets(role)) {
        assertEquals(answer.status(), 403, line.name() + " for " + role);
        assertFalse(answer.detail().isBlank(), line.name());
        refused++;
      }
      assertTrue(answer.status() < 500, line.name() + ": " + answer.raw().body());
    }
    assertEquals(refused > 0, !role.equals(BuiltInRoles.OWNER), role + " was refused " + refused);
  }

  @Test
  public void nobodySeesAnythingButTheDoor() {
    Client nobody = nobody();
    for (AccessLine line : TABLE.lines()) {
      Client.Answer answer = call(nobody, line);
      assertEquals(
          answer.status() == 401, !line.isForEverybody(), line.name() + " gave " + answer.status());
    }
  }

  /** A number can be written in ways that mean the same to whoever reads it after the check. */
  @Test
  public void noWayOfWritingANumberGetsRoundTheCheck() {
    Client tomas = coInstructor();
    long theirs = led("Ines Kallas");
    String order = Client.json("{'version':1,'minutes':60,'lines':[]}");
    for (String odd : List.of("0x" + theirs, "%2B" + theirs, "+" + theirs, "%20" + theirs)) {
      int status = tomas.put("/api/classes/" + odd, order).status();
      assertTrue(status == 404 || status == 403 || status == 400, odd + " gave " + status);
    }
    assertTrue(instructor().get("/api/classes/" + theirs).body().get("lines").size() > 0);
  }

  private long led(String name) {
    for (JsonNode coming : instructor().get("/api/classes").body().get("coming")) {
      JsonNode planned = coming.get("planned");
      if (planned != null && planned.at("/leader/name").asString("").equals(name)) {
        return planned.get("id").asLong();
      }
    }
    throw new AssertionError("Nothing is led by " + name);
  }

  @Test
  public void writesNeedTheToken() {
    Client client = instructor();
    assertEquals(
        client.postWithoutToken("/api/writing/check", "{\"stepText\":\"\"}").status(), 403);
    for (AccessLine line : TABLE.lines()) {
      if (!line.method().name().equals("GET")) {
        Client.Answer answer =
            client.without(line.method().name(), line.path().getPatternString(), "{}");
        assertEquals(answer.status(), 403, line.name());
        assertEquals(answer.detail(), "This is not allowed; sign in again.", line.name());
      }
    }
  }

  @Test
  public void signingInIsGuarded() {
    Client client = nobody();
    String wrong = Client.json("{'name':'Nobody Here','password':'wrong wrong'}");
    for (int i = 0; i < 8; i++) {
      assertEquals(client.post("/api/session", wrong).status(), 401);
    }
    assertEquals(client.post("/api/session", wrong).status(), 429);
    assertEquals(
        client
            .post("/api/setup", Client.json("{'name':'Thief','password':'wrong wrong','code':''}"))
            .status(),
        409);
    assertEquals(client.post("/api/session", "{").status(), 400);
    assertEquals(
        client.post("/api/session", Client.json("{'name':'','password':'x'}")).status(), 422);
  }

  @Test
  public void signingOutEndsTheSession() {
    Client client = instructor();
    assertEquals(client.get("/api/groups").status(), 200);
    assertEquals(client.delete("/api/session").status(), 204);
    assertEquals(client.get("/api/groups").status(), 401);
  }

  private static String drill(String percent) {
    return "{'group':1,'minutes':10,'drills':[{'scope':{'kind':'SECTION','from':1,'to':1},"
        + "'mode':'COUNTS',"
        + percent
        + ",'repetitions':2,'locked':true}]}";
  }

  @DataProvider
  public Object[][] limits() {
    return new Object[][] {
      {"/api/writing/check", "{\"stepText\":\"" + "x".repeat(2_000_000) + "\"}", 413},
      {"/api/dances", "{\"stepText\":\"" + "x".repeat(70_000) + "\"}", 422},
      {"/api/dances", "{\"stepText\":\"\\u0000\"}", 422},
      {"/api/dances", "{\"stepText\":null}", 422},
      {"/api/writing/format", "{\"stepText\":\"" + "x".repeat(70_000) + "\"}", 422},
      {"/api/writing/order", "{\"stepText\":\"\",\"section\":0,\"order\":[]}", 422},
      {"/api/writing/possible", "{\"stepText\":\"\",\"offset\":-1}", 422},
      {"/api/dances", "{\"words\":\"x\"}", 400},
      {"/api/songs/import", "{\"text\":\"" + "x".repeat(500_001) + "\",\"doIt\":true}", 422},
      {"/api/songs/taps", "{\"millis\":[" + "1,".repeat(500) + "1]}", 422},
      {"/api/songs/taps", "{\"millis\":[null]}", 422},
      {"/api/songs", Client.json(SONG.replace("'bpm':''", "'bpm':'quick'")), 422},
      {"/api/songs", Client.json(SONG.replace("'X'", "' '")), 422},
      {"/api/dances/1/teach", "{\"group\":1,\"minutes\":10,\"drills\":[]}", 422},
      {"/api/dances/1/teach", Client.json(drill("'percent':40")), 422},
      {
        "/api/dances/1/teach",
        Client.json(drill("'percent':70").replace("'from':1", "'from':99")),
        422
      },
      {
        "/api/teach-times",
        "{\"dance\":1,\"group\":1,\"plannedSeconds\":600,\"classPercent\":150,\"minutes\":0}",
        422
      },
      {"/api/songs", Client.json(SONG.replace("'X'", "'" + "x".repeat(201) + "'")), 422},
      {"/api/classes", "{\"group\":1,\"date\":\"2026-12-01\",\"minutes\":100000}", 422},
      {"/api/classes", "{\"group\":999,\"date\":\"2026-12-01\",\"minutes\":60}", 404},
      {"/api/classes", "{\"group\":1,\"date\":\"1999-12-01\",\"minutes\":60}", 422},
    };
  }

  @Test(dataProvider = "limits")
  public void tooMuchIsRefusedInWords(String path, String body, int status) {
    Client.Answer answer = instructor().post(path, body);
    assertEquals(answer.status(), status, answer.raw().body());
    assertFalse(answer.detail().isBlank());
    assertEquals(
        answer.raw().headers().firstValue("Content-Type").orElse(""), "application/problem+json");
  }

  @Test
  public void pagesAreSafeAndDeepLinksLeadIn() {
    Client.Answer page = nobody().get("/dances/3");
    assertEquals(page.status(), 200);
    assertTrue(page.raw().body().contains("<div id=\"app\">"));
    assertTrue(
        page.raw()
            .headers()
            .firstValue("Content-Security-Policy")
            .orElse("")
            .contains("default-src 'self'"));
    assertEquals(nobody().get("/nothing.js").status(), 404);
    assertEquals(instructor().get("/api/nothing").status(), 404);
  }

  /** Update with: ./ulna contract. */
  @Test
  public void theContractIsWhatTheWebIsBuiltFrom() throws IOException {
    ObjectMapper mapper =
        tools.jackson.databind.json.JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();
    String now =
        mapper.writeValueAsString(instructor().get("/api/openapi").body()).replace("\r\n", "\n")
            + "\n";
    if (Boolean.getBoolean("ulna.contract.write")) {
      Files.writeString(CONTRACT, now);
    }
    assertEquals(
        Files.readString(CONTRACT, StandardCharsets.UTF_8),
        now,
        "The server's contract has changed; run ./ulna contract and look at the difference");
  }
}
