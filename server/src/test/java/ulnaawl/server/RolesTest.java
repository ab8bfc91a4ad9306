package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import ulnaawl.server.access.AccessLine;
import ulnaawl.server.access.AccessTable;

/**
 * Roles that an owner makes of abilities: what they open, and that nobody makes more of anybody.
 */
@DirtiesContext
public class RolesTest extends ServerTest {

  private static final Path OPENS = Path.of("src/test/resources/access/opens.txt");

  private Client oda = new Client(0);

  @BeforeMethod
  public void comeIn() {
    oda = Client.signedIn(port(), "Oda Marsh", PASSWORD);
  }

  @AfterMethod
  public void asItWas() {
    putBack(false);
  }

  private static String form(String name, List<String> abilities, int version) {
    String words = abilities.stream().map(it -> "'" + it + "'").collect(Collectors.joining(","));
    return Client.json(
        "{'name':'" + name + "','abilities':[" + words + "],'version':" + version + "}");
  }

  /** The code of a new role. */
  private String made(String name, String... abilities) {
    Client.Answer answer = oda.post("/api/roles", form(name, List.of(abilities), 0));
    assertEquals(answer.status(), 201, answer.detail());
    return answer.body().at("/role/code").asString();
  }

  private Client.Answer give(Client by, long person, String role) {
    JsonNode now =
        oda.get("/api/people")
            .body()
            .valueStream()
            .filter(it -> it.get("id").asLong() == person)
            .findFirst()
            .orElseThrow();
    return by.put(
        "/api/people/" + person,
        Client.json(
            "{'name':'"
                + now.get("name").asString()
                + "','role':'"
                + role
                + "','version':"
                + now.get("version").asInt()
                + "}"));
  }

  private Client bertilWith(String role) {
    assertEquals(give(oda, 5, role).status(), 200);
    return Client.signedIn(port(), "Bertil Aune", PASSWORD);
  }

  private static Map<List<String>, Set<String>> opens() throws IOException {
    Map<List<String>, Set<String>> opens = new LinkedHashMap<>();
    List<String> abilities = List.of();
    for (String line : Files.readAllLines(OPENS)) {
      if (line.matches("[A-Z_+]+")) {
        abilities = List.of(line.split("\\+"));
        opens.put(abilities, new TreeSet<>());
      } else if (!line.isBlank() && !line.startsWith("#")) {
        opens.get(abilities).add(line);
      }
    }
    return opens;
  }

  /** Those whose line in the contract lets somebody through; what becomes of it then, not here. */
  private static Set<String> open(Client client) {
    return AccessTable.read().lines().stream()
        .filter(line -> !line.isForEverybody() && !line.name().equals("DELETE /api/session"))
        .filter(line -> {
          int status = AccessTest.call(client, line).status();
          assertTrue(status < 500, line.name() + " gave " + status);
          return status != 403;
        })
        .map(AccessLine::name)
        .collect(Collectors.toCollection(TreeSet::new));
  }

  @Test
  public void eachAbilityOpensWhatTheListSaysAndNothingElse() throws IOException {
    Set<String> reading = open(Client.signedIn(port(), "Bertil Aune", PASSWORD));
    List<String> wrong = new ArrayList<>();
    Map<List<String>, Set<String>> expected = opens();
    for (Map.Entry<List<String>, Set<String>> one : expected.entrySet()) {
      String name = String.join(" and ", one.getKey());
      Client bertil = bertilWith(made(name, one.getKey().toArray(String[]::new)));
      Set<String> open = open(bertil);
      open.removeAll(reading);
      if (!open.equals(one.getValue())) {
        wrong.add(name + " opens " + open + ", expected " + one.getValue());
      }
    }
    assertEquals(wrong, List.of());
    Set<String> tried =
        expected.keySet().stream()
            .flatMap(List::stream)
            .collect(Collectors.toCollection(TreeSet::new));
    Set<String> offered =
        oda.get("/api/roles")
            .body()
            .get("abilities")
            .valueStream()
            .filter(
                it -> it.get("offered").asBoolean() && !it.get("ability").asString().equals("READ"))
            .map(it -> it.get("ability").asString())
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(tried, offered);
  }

  @Test
  public void aTreasurerSeesHeadsAndClosedDaysAndNoNames() {
    String role = made("Treasurer", "HEADS", "CALENDAR");
    Client bertil = bertilWith(role);
    JsonNode session = ok(bertil.get("/api/session")).at("/role");
    assertEquals(session.get("name").asString(), "Treasurer");
    assertEquals(
        session.get("abilities").valueStream().map(JsonNode::asString).toList(),
        List.of("READ", "HEADS", "CALENDAR"));
    JsonNode heads = ok(bertil.get("/api/groups/1/heads"));
    JsonNode came = ok(oda.get("/api/groups/1/register")).get("came");
    assertTrue(heads.size() > 0);
    assertEquals(
        heads.valueStream().map(it -> it.get("heads").asInt()).toList(),
        came.valueStream().map(it -> it.get("heads").asInt()).toList());
    Client.Answer names = bertil.get("/api/groups/1/register");
    assertEquals(names.status(), 403);
    assertEquals(
        names.detail(),
        "Your role does not let you do this; it takes one that sees the names of dancers: who came,"
            + " and who asked for what. Ask somebody who has such a one, or an owner of the club.");
    assertEquals(
        bertil
            .post(
                "/api/calendar/closed",
                Client.json("{'from':'2027-04-02','to':'2027-04-05','note':'the hall is painted'}"))
            .status(),
        200);
  }

  @Test
  public void anAssistantLogsEveryClassAndPlansNone() {
    Client bertil = bertilWith(made("Assistant", "LOG", "EVERY_CLASS"));
    long led =
        ok(oda.get("/api/classes"))
            .get("coming")
            .valueStream()
            .filter(it -> it.at("/planned/leader/name").asString("").equals("Ines Kallas"))
            .findFirst()
            .orElseThrow()
            .at("/planned/id")
            .asLong();
    assertEquals(bertil.post("/api/classes/" + led + "/record", "{}").status() / 100, 4);
    assertFalse(bertil.post("/api/classes/" + led + "/record", "{}").status() == 403);
    assertEquals(
        bertil
            .put("/api/classes/" + led, Client.json("{'version':1,'minutes':60,'lines':[]}"))
            .status(),
        403);
    // Nobody is led by them.
    assertFalse(
        ok(oda.get("/api/people/leaders"))
            .valueStream()
            .anyMatch(it -> it.get("name").asString().equals("Bertil Aune")));
  }

  @Test
  public void whatARoleMayCountsAtOnceForWhoeverHasIt() {
    String code = made("Helper", "HEADS");
    Client bertil = bertilWith(code);
    assertEquals(bertil.get("/api/groups/1/heads").status(), 200);
    assertEquals(oda.put("/api/roles/" + code, form("Helper", List.of("SHARE"), 1)).status(), 200);
    assertEquals(bertil.get("/api/groups/1/heads").status(), 403);
    assertEquals(bertil.get("/api/shares").status(), 200);
    assertEquals(oda.put("/api/roles/" + code, form("Helper", List.of("HEADS"), 1)).status(), 409);
    assertEquals(oda.delete("/api/roles/" + code + "?version=2").status(), 409, "Bertil has it");
    assertEquals(give(oda, 5, "VIEWER").status(), 200);
    assertEquals(oda.delete("/api/roles/" + code + "?version=2").status(), 204);
    assertEquals(give(oda, 5, code).status(), 422);
  }

  @Test
  public void nobodyGivesOrTakesMoreThanTheyMay() {
    Client secretary = bertilWith(made("Secretary", "PEOPLE", "SHARE"));
    String more = made("Caller", "CHANGE_DANCES");
    for (String role : List.of("OWNER", "INSTRUCTOR", "CO_INSTRUCTOR", more)) {
      assertEquals(give(secretary, 5, role).status(), 403, "herself " + role);
      assertEquals(
          secretary
              .post("/api/invitations", Client.json("{'name':'','role':'" + role + "'}"))
              .status(),
          403,
          role);
    }
    for (long person : List.of(1L, 2L, 3L)) {
      assertEquals(give(secretary, person, "VIEWER").status(), 403, "person " + person);
      assertEquals(secretary.post("/api/people/" + person + "/password-link", "{}").status(), 403);
      assertEquals(secretary.delete("/api/people/" + person + "?version=1").status(), 403);
    }
    assertEquals(
        secretary.post("/api/invitations", Client.json("{'name':'','role':'VIEWER'}")).status(),
        201);
    // Whoever may more than the secretary is not called otherwise by them, either.
    assertTrue(ok(oda.get("/api/people")).toString().contains("Oda Marsh"));
    Map<String, Boolean> given =
        ok(secretary.get("/api/roles"))
            .get("roles")
            .valueStream()
            .collect(
                Collectors.toMap(
                    it -> it.at("/role/name").asString(), it -> it.get("given").asBoolean()));
    assertEquals(
        given,
        Map.of(
            "Owner", false,
            "Instructor", false,
            "Co-instructor", false,
            "Looks on", true,
            "Secretary", true,
            "Caller", false));
    assertEquals(secretary.post("/api/roles", form("Mine", List.of("HEADS"), 0)).status(), 403);
  }

  @Test
  public void whoTakesFilesInTakesInWhatTheyMayWrite() {
    Client clerk = bertilWith(made("Clerk", "FILES", "CALENDAR"));
    String files =
        Client.json(
            "{'files':[{'name':'songs.csv','base64':'"
                + base64("title,artist\nPaper Boats,The Kettle Row\n")
                + "'}]");
    JsonNode found = ok(clerk.post("/api/imports/look", files + "}")).get("found");
    assertEquals(found.size(), 1, found.toString());
    JsonNode song = found.get(0);
    String chosen =
        Client.json(
            ",'chosen':[{'number':0,'title':'"
                + song.get("title").asString()
                + "','state':'"
                + song.get("state").asString()
                + "'}]}");
    Client.Answer refused = clerk.post("/api/imports", files + chosen);
    assertEquals(refused.status(), 403);
    assertEquals(
        refused.detail(),
        "Your role does not let you write songs; leave them out, or ask an owner.");
    JsonNode batch = ok(oda.post("/api/imports", files + chosen));
    assertEquals(
        clerk.post("/api/imports/" + batch.get("id").asLong() + "/undo", "{}").status(), 403);
    assertTrue(ok(oda.get("/api/songs")).toString().contains("Paper Boats"));
  }

  private static String base64(String text) {
    return java.util.Base64.getEncoder()
        .encodeToString(text.getBytes(java.nio.charset.StandardCharsets.UTF_8));
  }

  @Test
  public void aRoleThatSaysNothingIsRefusedWithWhatWouldDo() {
    Map<String, String> refused = new LinkedHashMap<>();
    refused.put(form("Second owner", List.of("CLUB"), 0), "stay with the club's owners");
    refused.put(form("Scribe", List.of("LOG"), 0), "would lead nothing");
    refused.put(form("Ghost", List.of("EVERY_CLASS"), 0), "Choose what it does");
    refused.put(form("owner", List.of("HEADS"), 0), "There is a role called owner already");
    refused.put(form(" ", List.of("HEADS"), 0), "");
    refused.forEach((form, why) -> {
      Client.Answer answer = oda.post("/api/roles", form);
      assertTrue(Set.of(409, 422).contains(answer.status()), form + answer.status());
      assertTrue(answer.detail().contains(why), answer.detail());
    });
    assertEquals(oda.put("/api/roles/OWNER", form("Boss", List.of("HEADS"), 1)).status(), 422);
    assertEquals(oda.delete("/api/roles/VIEWER?version=1").status(), 422);
    assertEquals(oda.delete("/api/roles/own-nothing?version=1").status(), 404);
    Stream.iterate(0, it -> it + 1).limit(20).forEach(it -> made("Role " + it, "HEADS"));
    assertEquals(oda.post("/api/roles", form("One more", List.of("HEADS"), 0)).status(), 422);
  }
}
