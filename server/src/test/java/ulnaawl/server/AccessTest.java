package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;

/** Every endpoint has its role check and its limits. */
public class AccessTest extends ServerTest {

  private static final Path CONTRACT = Path.of("../web/src/api/openapi.json");

  /**
   * What a co-instructor may call besides reading; everything else that writes is an instructor's.
   */
  private static final List<String> CO_INSTRUCTORS_WRITE =
      List.of(
          "delete /api/session",
          "put /api/session/password",
          "delete /api/sessions/{key}",
          "post /api/writing/check",
          "post /api/writing/format",
          "post /api/writing/possible",
          "post /api/writing/order",
          "post /api/writing/hall",
          "post /api/songs/taps",
          "post /api/songs/check",
          "post /api/dances/{id}/teach",
          "post /api/dances/{id}/teach/pdf",
          "post /api/teach-times",
          "put /api/dances/{id}/teach/saved",
          "delete /api/dances/{id}/teach/saved",
          "post /api/classes/{id}/bring-back",
          "post /api/screens",
          "put /api/screens/{code}",
          "delete /api/screens/{code}",
          "put /api/dances/{id}/watch-outs/{section}",
          "delete /api/dances/{id}/watch-outs/{section}",
          "post /api/classes",
          "put /api/classes/{id}",
          "delete /api/classes/{id}",
          "post /api/classes/{id}/plan",
          "post /api/classes/{id}/record",
          "delete /api/classes/{id}/record",
          "post /api/classes/{id}/proposal",
          "put /api/classes/{id}/leader",
          "post /api/classes/{id}/noted",
          "post /api/groups/{id}/record",
          "delete /api/groups/{id}/record/{entry}",
          "put /api/groups/{id}/rulings/{dance}",
          "delete /api/groups/{id}/rulings/{dance}",
          "post /api/groups/{id}/requests",
          "delete /api/groups/{id}/requests/{request}",
          "post /api/groups/{id}/register/dancers",
          "delete /api/groups/{id}/register/dancers/{dancer}",
          "put /api/groups/{id}/register/days/{day}");

  /** What needs no account but the code of a screen. */
  private static final List<String> BY_CODE =
      List.of(
          "get /api/screens/clock", "get /api/screens/{code}", "get /api/screens/{code}/events");

  private static final List<String> INSTRUCTORS_READ = List.of("/api/people", "/api/backups");

  private static final String SONG =
      "{'title':'X','artist':'','bpm':'','countRate':'','length':'','intro':'','meter':'','style':'',"
          + "'phrases':'','location':'','explicitWords':false,'version':99}";

  private static final Map<String, String> BODIES =
      Map.ofEntries(
          Map.entry("post /api/songs", SONG),
          Map.entry("put /api/songs/{id}", SONG),
          Map.entry("post /api/dances", "{'stepText':'title: X'}"),
          Map.entry("put /api/groups/{id}/register", "{'kind':'HEADS'}"),
          Map.entry("post /api/sheets/read", "{'text':'X'}"),
          Map.entry("put /api/dances/{id}", "{'stepText':'title: X','version':1}"),
          Map.entry(
              "post /api/groups",
              "{'name':'X','level':'BEGINNER','weekday':'MONDAY','startsAt':'19:00','minutes':60,'place':'','version':0}"),
          Map.entry(
              "put /api/groups/{id}",
              "{'name':'X','level':'BEGINNER','weekday':'MONDAY','startsAt':'19:00','minutes':60,'place':'','version':1}"),
          Map.entry("put /api/figures/{name}/word", "{'word':'walk','before':'walk'}"),
          Map.entry("put /api/figures/club/own-figures", "{'text':'','version':99}"),
          Map.entry("put /api/figures/club/level-table", "{'text':'','version':99}"),
          Map.entry(
              "post /api/people", "{'name':'X','password':'long enough','role':'CO_INSTRUCTOR'}"),
          Map.entry("put /api/people/{id}", "{'name':'X','role':'CO_INSTRUCTOR','version':99}"),
          Map.entry("put /api/session/password", "{'old':'wrong','password':'long enough'}"),
          Map.entry("post /api/password", "{'word':'wrong','password':'long enough'}"),
          Map.entry("post /api/dances/{id}/bring-back", "{'version':99,'to':1}"),
          Map.entry("post /api/songs/{id}/bring-back", "{'version':99,'to':1}"),
          Map.entry("post /api/groups/{id}/bring-back", "{'version':99,'to':1}"),
          Map.entry(
              "post /api/calendar/closed",
              "{'group':1,'from':'2026-12-21','to':'2026-12-22','note':''}"),
          Map.entry(
              "post /api/calendar/themes",
              "{'name':'X','from':'2026-12-01','to':'2026-12-22','tags':['x']}"),
          Map.entry("put /api/dances/{id}/tags", "{'tags':['x']}"),
          Map.entry("post /api/songs/import", "{'text':'title','doIt':true}"));

  private record Endpoint(String method, String path) {
    String name() {
      return method + " " + path;
    }

    String address() {
      String filled = path.replace("{thing}", "DANCE").replaceAll("\\{\\w+}", "1");
      return method.equals("delete") ? filled + "?version=999" : filled;
    }
  }

  private List<Endpoint> endpoints() {
    List<Endpoint> found = new ArrayList<>();
    JsonNode paths = instructor().get("/api/openapi").body().get("paths");
    paths
        .propertyStream()
        .forEach(path ->
            path.getValue()
                .propertyStream()
                .forEach(method -> found.add(new Endpoint(method.getKey(), path.getKey()))));
    assertTrue(found.size() > 20, found.toString());
    return found;
  }

  private static Client.Answer call(Client client, Endpoint endpoint) {
    String body = Client.json(BODIES.getOrDefault(endpoint.name(), "{}"));
    return switch (endpoint.method()) {
      case "get" -> client.get(endpoint.address());
      case "post" -> client.post(endpoint.address(), body);
      case "put" -> client.put(endpoint.address(), body);
      case "delete" -> client.delete(endpoint.address());
      default -> throw new AssertionError(endpoint.name());
    };
  }

  @Test
  public void nobodySeesAnythingButTheDoor() {
    Client nobody = nobody();
    for (Endpoint endpoint : endpoints()) {
      boolean door =
          List.of("get /api/session", "post /api/session", "post /api/setup", "post /api/password")
                  .contains(endpoint.name())
              || BY_CODE.contains(endpoint.name());
      Client.Answer answer = call(nobody, endpoint);
      assertEquals(answer.status() == 401, !door, endpoint.name() + " gave " + answer.status());
    }
    assertEquals(nobody.get("/api/openapi").status(), 401);
  }

  @Test
  public void coInstructorsWriteOnlyWhatTheyMay() {
    Client colleague = coInstructor();
    for (Endpoint endpoint : endpoints()) {
      boolean writes = !endpoint.method().equals("get");
      boolean door =
          List.of("/api/session", "/api/setup", "/api/password").contains(endpoint.path());
      boolean instructorsOnly =
          INSTRUCTORS_READ.contains(endpoint.path())
              || (writes && !door && !CO_INSTRUCTORS_WRITE.contains(endpoint.name()));
      if (!door) {
        Client.Answer answer = call(colleague, endpoint);
        assertEquals(
            answer.status() == 403, instructorsOnly, endpoint.name() + " gave " + answer.status());
      }
    }
  }

  @Test
  public void writesNeedTheToken() {
    Client client = instructor();
    assertEquals(
        client.postWithoutToken("/api/writing/check", "{\"stepText\":\"\"}").status(), 403);
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
