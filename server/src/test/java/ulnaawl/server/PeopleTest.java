package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.StreamSupport;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** People come, are called otherwise, get another password, and go; each counts at once. */
@DirtiesContext
public class PeopleTest extends ServerTest {

  @Autowired private DataSource data;

  private Client oda = new Client(0);

  @BeforeClass
  public void comeIn() {
    oda = instructor();
  }

  private JsonNode person(String name) {
    return StreamSupport.stream(oda.get("/api/people").body().spliterator(), false)
        .filter(it -> it.get("name").asString().equals(name))
        .findFirst()
        .orElseThrow(() -> new AssertionError("There is no " + name));
  }

  private Client.Answer add(String name, String role) {
    return join(oda, name, role, PASSWORD);
  }

  private static String change(String name, String role, int version) {
    return "{\"name\":%s,\"role\":\"%s\",\"version\":%d}"
        .formatted(Client.quoted(name), role, version);
  }

  /** Texts of all tables in which a name stands. */
  private List<String> columnsWith(String name) throws SQLException {
    List<String> found = new ArrayList<>();
    try (Connection connection = data.getConnection()) {
      List<String> questions = new ArrayList<>();
      try (ResultSet columns =
          connection
              .createStatement()
              .executeQuery(
                  "select table_name, column_name from information_schema.columns where"
                      + " table_schema = 'PUBLIC' and data_type in ('CHARACTER VARYING',"
                      + " 'CHARACTER LARGE OBJECT') and table_name <> 'flyway_schema_history'")) {
        while (columns.next()) {
          questions.add(columns.getString(1) + " " + columns.getString(2));
        }
      }
      assertTrue(questions.size() > 30, questions.toString());
      for (String question : questions) {
        String[] part = question.split(" ");
        try (ResultSet count =
            connection
                .createStatement()
                .executeQuery(
                    "select count(*) from %s where lower(%s) like '%%%s%%'"
                        .formatted(part[0], part[1], name.toLowerCase(java.util.Locale.ROOT)))) {
          count.next();
          if (count.getInt(1) > 0) {
            found.add(part[0] + "." + part[1]);
          }
        }
      }
    }
    return found;
  }

  private String vineWord() {
    return StreamSupport.stream(oda.get("/api/figures").body().spliterator(), false)
        .filter(it -> it.get("name").asString().equals("vine"))
        .findFirst()
        .orElseThrow()
        .get("call")
        .asString();
  }

  /** Somebody who has written something of every kind that is signed. */
  private Client busy(String name) {
    assertEquals(add(name, "INSTRUCTOR").status(), 201);
    Client somebody = Client.signedIn(port(), name, PASSWORD);
    JsonNode dance =
        somebody
            .post(
                "/api/dances",
                "{\"stepText\":\"title: By them\\nsection 1\\n1-4  vine R, touch L\\n5-8  vine L, touch R\\n\"}")
            .body();
    assertTrue(dance.has("id"), dance.toString());
    assertEquals(
        somebody
            .put(
                "/api/figures/vine/word",
                "{\"word\":\"grapevine\",\"before\":\"" + vineWord() + "\"}")
            .status(),
        204);
    String id = dance.get("id").asString();
    assertEquals(
        somebody
            .put(
                "/api/dances/" + id + "/watch-outs/1",
                "{\"note\":\"Mind the step.\",\"version\":0}")
            .status(),
        204);
    return somebody;
  }

  @Test
  public void aNameThatIsForgottenStandsNowhere() throws SQLException {
    Client leaver = busy("Quentin Leaver");
    assertFalse(columnsWith("Quentin").isEmpty());
    JsonNode now = person("Quentin Leaver");
    String version = now.get("version").asString();
    Client.Answer gone =
        oda.delete("/api/people/" + now.get("id").asString() + "?forget=true&version=" + version);
    assertEquals(gone.status(), 204, gone.raw().body());
    assertEquals(columnsWith("Quentin"), List.of());
    assertEquals(leaver.get("/api/dances").status(), 401, "at once");
    assertEquals(writer("By them"), "a former leader");
  }

  private String writer(String dance) {
    JsonNode found =
        StreamSupport.stream(oda.get("/api/dances").body().spliterator(), false)
            .filter(it -> it.get("title").asString().equals(dance))
            .reduce((_, last) -> last)
            .orElseThrow();
    return oda.get("/api/dances/" + found.get("id").asLong())
        .body()
        .at("/updatedBy/name")
        .asString();
  }

  @Test
  public void whoIsRemovedKeepsTheirNameInTheRecordsAndMayComeBack() throws SQLException {
    Client leaver = busy("Rosa Keeper");
    JsonNode now = person("Rosa Keeper");
    String address = "/api/people/" + now.get("id").asString();
    assertEquals(oda.delete(address + "?version=99").status(), 409, "an old version");
    assertEquals(oda.delete(address + "?version=" + now.get("version").asInt()).status(), 204);
    assertEquals(leaver.get("/api/dances").status(), 401);
    assertEquals(
        nobody()
            .post(
                "/api/session",
                "{\"name\":\"Rosa Keeper\",\"password\":\"%s\"}".formatted(PASSWORD))
            .status(),
        401);
    assertEquals(columnsWith("Rosa Keeper"), List.of("PERSON.NAME", "PERSON.NAME_KEY"));
    assertEquals(writer("By them"), "Rosa Keeper");
    assertEquals(add("R0sa Keeper", "CO_INSTRUCTOR").status(), 409, "her name stays hers");
    assertEquals(add("Rosa Keeper", "CO_INSTRUCTOR").status(), 201, "she is back");
    assertEquals(person("Rosa Keeper").get("id").asLong(), now.get("id").asLong());
  }

  @Test
  public void anotherNameAndAnotherRoleCountAtOnce() throws SQLException {
    Client bride = busy("Mina Fenwick");
    JsonNode now = person("Mina Fenwick");
    Client.Answer changed =
        oda.put(
            "/api/people/" + now.get("id").asString(),
            change("Mina Thatcher", "CO_INSTRUCTOR", now.get("version").asInt()));
    assertEquals(changed.status(), 200, changed.raw().body());
    assertEquals(bride.get("/api/session").body().get("name").asString(), "Mina Thatcher");
    assertEquals(bride.get("/api/people").status(), 403, "no owner");
    assertEquals(columnsWith("Mina Fenwick"), List.of());
    assertEquals(
        oda.put(
                "/api/people/" + now.get("id").asString(),
                change("Mina Stale", "INSTRUCTOR", now.get("version").asInt()))
            .status(),
        409,
        "an old version");
  }

  @Test
  public void namesThatLookAlikeAreRefused() {
    assertEquals(add("Ida Olsen", "CO_INSTRUCTOR").status(), 201);
    // Cyrillic a, a digit for a letter, capitals, spaces, letters of full width.
    for (String alike :
        List.of("Id\u0430 Olsen", "Ida 0lsen", "IDA OLSEN", "Ida  Olsen ", "\uFF29da Olsen")) {
      assertEquals(add(alike, "CO_INSTRUCTOR").status(), 409, alike);
    }
    assertEquals(add("a former leader", "CO_INSTRUCTOR").status(), 422);
    assertEquals(add("\u0130".repeat(60), "CO_INSTRUCTOR").status(), 201, "long when it is small");
  }

  @Test
  public void theClubAlwaysHasAnOwner() throws Exception {
    Client wilma = Client.signedIn(port(), "Wilma Otterspoor", PASSWORD);
    JsonNode before = person("Wilma Otterspoor");
    String owner = change("Wilma Otterspoor", "OWNER", before.get("version").asInt());
    assertEquals(oda.put("/api/people/" + before.get("id"), owner).status(), 200);
    JsonNode two = person("Wilma Otterspoor");
    JsonNode one = person("Oda Marsh");
    CountDownLatch start = new CountDownLatch(1);
    List<Future<Integer>> answers;
    try (ExecutorService both = Executors.newFixedThreadPool(2)) {
      answers =
          List.of(
              both.submit(() -> {
                start.await();
                return oda.put(
                        "/api/people/" + two.get("id"),
                        change("Wilma Otterspoor", "CO_INSTRUCTOR", two.get("version").asInt()))
                    .status();
              }),
              both.submit(() -> {
                start.await();
                return wilma
                    .put(
                        "/api/people/" + one.get("id"),
                        change("Oda Marsh", "CO_INSTRUCTOR", one.get("version").asInt()))
                    .status();
              }));
      start.countDown();
    }
    List<Integer> statuses = answers.stream().map(Future::resultNow).sorted().toList();
    assertEquals(statuses.getFirst().intValue(), 200, statuses.toString());
    assertTrue(statuses.getLast() == 422 || statuses.getLast() == 403, statuses.toString());
    boolean odaIsLeft = oda.get("/api/people").status() == 200;
    Client left = odaIsLeft ? oda : wilma;
    JsonNode demoted = odaIsLeft ? two : one;
    assertEquals(
        left.put(
                "/api/people/" + demoted.get("id"),
                change(demoted.get("name").asString(), "OWNER", demoted.get("version").asInt() + 1))
            .status(),
        200);
    assertEquals(
        oda.delete("/api/people/" + one.get("id") + "?version=9").status(), 422, "oneself");
  }

  @Test
  public void aLinkIsGoodForOnePasswordOnce() {
    assertEquals(add("Forgetful Finn", "CO_INSTRUCTOR").status(), 201);
    Client finn = Client.signedIn(port(), "Forgetful Finn", PASSWORD);
    String links = "/api/people/" + person("Forgetful Finn").get("id") + "/password-link";
    String first = oda.post(links, "{}").body().get("word").asString();
    String second = oda.post(links, "{}").body().get("word").asString();
    String body = "{\"word\":\"%s\",\"password\":\"paper boats at dusk\"}";
    assertEquals(nobody().post("/api/password", body.formatted(first)).status(), 422, "replaced");
    assertEquals(
        nobody()
            .post("/api/password", "{\"word\":\"%s\",\"password\":\"password1\"}".formatted(second))
            .status(),
        422,
        "too easy, and the link stays good");
    Client chosen = nobody();
    assertEquals(chosen.post("/api/password", body.formatted(second)).status(), 200);
    assertEquals(chosen.get("/api/dances").status(), 200, "signed in with it");
    assertEquals(finn.get("/api/dances").status(), 401, "whoever was signed in is not any more");
    assertEquals(nobody().post("/api/password", body.formatted(second)).status(), 422, "once");
    Client.signedIn(port(), "Forgetful Finn", "paper boats at dusk");
  }

  @Test
  public void sessionsAreSeenAndEnded() {
    assertEquals(add("Twice Tilda", "CO_INSTRUCTOR").status(), 201);
    Client phone = Client.signedIn(port(), "Twice Tilda", PASSWORD);
    Client laptop = Client.signedIn(port(), "Twice Tilda", PASSWORD);
    JsonNode own = phone.get("/api/sessions").body();
    assertEquals(own.size(), 2, own.toString());
    List<String> others = new ArrayList<>();
    for (JsonNode session : own) {
      assertEquals(session.get("name").asString(), "Twice Tilda", "not other people's");
      if (!session.get("here").asBoolean()) {
        others.add(session.get("key").asString());
      }
    }
    assertEquals(others.size(), 1);
    String address = "/api/sessions/" + others.getFirst();
    assertEquals(coInstructor().delete(address).status(), 404, "not somebody else's");
    assertEquals(phone.delete(address).status(), 204);
    assertEquals(laptop.get("/api/dances").status(), 401, "at once");
    assertTrue(oda.get("/api/sessions").body().size() > 1, "an owner sees all");

    Client.Answer out = phone.delete("/api/session");
    List<String> cookies = out.raw().headers().allValues("Set-Cookie");
    for (String name : List.of("ulna-invented=;", "XSRF-TOKEN=;")) {
      assertTrue(
          cookies.stream().anyMatch(it -> it.startsWith(name) && it.contains("Max-Age=0")),
          cookies.toString());
    }
    assertEquals(phone.get("/api/dances").status(), 401);
  }

  @Test
  public void onesOwnPasswordIsChangedWithTheOldOne() {
    assertEquals(add("Careful Cato", "CO_INSTRUCTOR").status(), 201);
    Client cato = Client.signedIn(port(), "Careful Cato", PASSWORD);
    Client elsewhere = Client.signedIn(port(), "Careful Cato", PASSWORD);
    String body = "{\"old\":\"%s\",\"password\":\"seven grey umbrellas\"}";
    assertEquals(cato.put("/api/session/password", body.formatted("wrong one")).status(), 422);
    assertEquals(cato.put("/api/session/password", body.formatted(PASSWORD)).status(), 200);
    assertEquals(cato.get("/api/dances").status(), 200);
    assertEquals(elsewhere.get("/api/dances").status(), 401);
    Client.signedIn(port(), "Careful Cato", "seven grey umbrellas");
  }

  /** Somebody who is called "," stands between any two words of what the log keeps. */
  @Test
  public void anOddNameBreaksNothingThatIsKept() {
    String group =
        "{'name':'Odd names','level':'BEGINNER','weekday':'FRIDAY','startsAt':'10:00','minutes':60,'place':'%s','version':%d}";
    long id =
        oda.post("/api/groups", Client.json(group.formatted("", 0))).body().get("id").asLong();
    for (String odd : List.of(",", ":", ",\"place\":")) {
      assertEquals(add(odd, "CO_INSTRUCTOR").status(), 201, odd);
      JsonNode person = person(odd);
      String plain = "Plain " + person.get("id").asLong();
      String body = change(plain, "CO_INSTRUCTOR", person.get("version").asInt());
      assertEquals(oda.put("/api/people/" + person.get("id").asLong(), body).status(), 200, odd);
    }
    String changed = Client.json(group.formatted("elsewhere", 1));
    assertEquals(oda.put("/api/groups/" + id, changed).status(), 200);
    Client.Answer back =
        oda.post("/api/groups/" + id + "/bring-back", Client.json("{'version':2,'to':1}"));
    assertEquals(back.status(), 200, back.raw().body());
    assertEquals(back.body().get("place").asString(), "");
  }
}
