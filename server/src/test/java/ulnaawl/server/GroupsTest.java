package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Groups and what they know, through the API; today is 24 November 2026. */
public class GroupsTest extends ServerTest {

  private static final String FORM =
      "{'name':'%s','level':'IMPROVER','weekday':'FRIDAY','startsAt':'18:30','minutes':75,"
          + "'place':'Mill Loft','version':%d}";

  private static JsonNode added(Client client, String name) {
    Client.Answer answer = client.post("/api/groups", Client.json(FORM.formatted(name, 0)));
    assertEquals(answer.status(), 201, answer.raw().body());
    return answer.body();
  }

  private static String address(JsonNode group) {
    return "/api/groups/" + group.get("id").asLong();
  }

  private static Client.Answer record(
      Client client, JsonNode group, long dance, String date, String happened) {
    return client.post(
        address(group) + "/record",
        Client.json(
            "{'dance':%d,'date':'%s','happened':'%s','shown':[1],'outcome':'SOLID','note':''}"
                .formatted(dance, date, happened)));
  }

  @Test
  public void aNewGroupKnowsNothingAndItsFirstClassIsPlanned() {
    Client oda = instructor();
    JsonNode group = added(oda, "Friday Starters");
    assertEquals(group.get("known").asInt() + group.get("learning").asInt(), 0);
    assertEquals(oda.get(address(group)).body().get("dances").size(), 0);
    JsonNode coming =
        oda.get("/api/classes")
            .body()
            .get("coming")
            .valueStream()
            .filter(it -> it.get("group").equals(group.get("id")))
            .findFirst()
            .orElseThrow();
    assertEquals(coming.get("nextDate").asString(), "2026-11-27", "the coming Friday");
    JsonNode sheet =
        oda.post(
                "/api/classes",
                Client.json(
                    "{'group':%d,'date':'2026-11-27','minutes':75}"
                        .formatted(group.get("id").asLong())))
            .body();
    assertEquals(sheet.get("planned").asInt(), 75);
    assertTrue(
        sheet.get("lines").valueStream().anyMatch(it -> it.get("kind").asString().equals("TEACH")));
    assertEquals(
        oda.delete("/api/classes/" + sheet.get("id").asLong() + "?version=1").status(), 204);
    assertEquals(oda.delete(address(group) + "?version=1").status(), 204);
  }

  /** Two groups that nobody can tell apart on a screen are one too many. */
  @Test
  public void aGroupsNameIsItsOwn() {
    Client oda = instructor();
    added(oda, "Friday Level 1");
    for (String name : new String[] {"friday  level 1", "Friday Level l", "Friday Leve\u04cf 1"}) {
      Client.Answer answer = oda.post("/api/groups", Client.json(FORM.formatted(name, 0)));
      assertEquals(answer.status(), 409, name + " " + answer.raw().body());
      assertTrue(answer.raw().body().contains("called Friday Level 1 already"));
    }
  }

  /** Taught three weeks ago, danced twice since: by hand what is learning, known and due. */
  @Test
  public void theCountsFollowTheRecord() {
    Client oda = instructor();
    JsonNode group = added(oda, "Friday Counters");
    assertEquals(record(oda, group, 1, "2026-11-23", "INTRODUCED").status(), 200);
    assertEquals(record(oda, group, 2, "2026-10-05", "TAUGHT").status(), 200);
    for (String date : new String[] {"2026-09-07", "2026-09-14", "2026-10-05", "2026-11-16"}) {
      record(oda, group, 3, date, date.equals("2026-09-07") ? "TAUGHT" : "DANCED");
    }
    JsonNode sheet = oda.get(address(group)).body();
    assertEquals(stage(sheet, 1), "STARTED");
    assertEquals(stage(sheet, 3), "KNOWN");
    JsonNode summary = sheet.get("group");
    long due = sheet.get("dances").valueStream().filter(it -> it.get("isDue").asBoolean()).count();
    assertEquals(summary.get("due").asLong(), due);
    assertTrue(due >= 1, "what was taught seven weeks ago and never again is due");
    assertEquals(summary.get("known").asInt(), 1);
    JsonNode all =
        oda.get("/api/groups")
            .body()
            .valueStream()
            .filter(it -> it.get("id").equals(group.get("id")))
            .findFirst()
            .orElseThrow();
    assertEquals(all, summary, "one group, one count, wherever it is shown");
    long standings =
        oda.get("/api/dances/list?group=" + group.get("id").asString())
            .body()
            .get("found")
            .asLong();
    assertEquals(standings, 3);
    oda.delete(address(group) + "?version=1");
  }

  private static String stage(JsonNode sheet, long dance) {
    return sheet
        .get("dances")
        .valueStream()
        .filter(it -> it.get("dance").asLong() == dance)
        .findFirst()
        .orElseThrow()
        .get("stage")
        .asString();
  }

  @Test
  public void aRemovedGroupTakesNothingNewAndItsNameIsFree() {
    Client oda = instructor();
    JsonNode group = added(oda, "Here Today");
    record(oda, group, 1, "2026-11-20", "TAUGHT");
    assertEquals(
        oda.post("/api/groups", Client.json(FORM.formatted("Here Today", 0))).status(), 409);
    assertEquals(oda.delete(address(group) + "?version=1").status(), 204);
    assertEquals(record(oda, group, 1, "2026-11-21", "DANCED").status(), 404);
    assertEquals(
        oda.post(
                "/api/classes",
                Client.json(
                    "{'group':%d,'date':'2026-12-04','minutes':60}"
                        .formatted(group.get("id").asLong())))
            .status(),
        404);
    JsonNode second = added(oda, "Here Today");
    Client.Answer back =
        oda.post(address(group) + "/bring-back", Client.json("{'version':1,'to':1}"));
    assertEquals(back.status(), 409, "the name is taken by now");
    assertEquals(oda.delete(address(second) + "?version=1").status(), 204);
    assertEquals(
        oda.post(address(group) + "/bring-back", Client.json("{'version':1,'to':1}")).status(),
        200);
    assertEquals(oda.get(address(group)).body().get("dances").size(), 1, "its record came along");
    oda.delete(address(group) + "?version=2");
  }

  @DataProvider
  public Object[][] wrongForms() {
    return new Object[][] {
      {"'name':'%s'", "'name':' '", 422},
      {"'name':'%s'", "'name':'" + "x".repeat(81) + "'", 422},
      {"'minutes':75", "'minutes':19", 422},
      {"'minutes':75", "'minutes':241", 422},
      {"'level':'IMPROVER'", "'level':'EXPERT'", 400},
      {"'weekday':'FRIDAY'", "'weekday':null", 422},
      {"'startsAt':'18:30'", "'startsAt':'half past six'", 400},
      {"'startsAt':'18:30'", "'startsAt':'25:00'", 400},
      {"'place':'Mill Loft'", "'place':'" + "x".repeat(121) + "'", 422},
    };
  }

  @Test(dataProvider = "wrongForms")
  public void aFormThatDoesNotDoIsRefusedInWords(String right, String wrong, int status) {
    Client oda = instructor();
    String body = Client.json(FORM.replace(right, wrong).replace("%s", "Odd").replace("%d", "0"));
    Client.Answer answer = oda.post("/api/groups", body);
    assertEquals(answer.status(), status, answer.raw().body());
    assertFalse(answer.detail().isBlank());
    assertFalse(oda.get("/api/groups").raw().body().contains("Odd"));
  }

  /** An answer that is lost on its way makes a device send again: the entry stands there once. */
  @Test
  public void anEntryWithAWordIsWrittenOnce() {
    Client tomas = coInstructor();
    long group = tomas.get("/api/groups").body().get(0).get("id").asLong();
    long dance = tomas.get("/api/dances").body().get(0).get("id").asLong();
    String entry =
        Client.json(
            "{'dance':%d,'date':'2026-11-20','happened':'DANCED_CALLED','shown':[],'outcome':'SOLID','note':'','key':'a-word-of-a-device'}"
                .formatted(dance));
    String address = "/api/groups/" + group + "/record";
    assertEquals(tomas.post(address, entry).status(), 200);
    int entries = entries(tomas, group, dance);
    assertEquals(tomas.post(address, entry).status(), 200);
    assertEquals(entries(tomas, group, dance), entries);
    tomas.post(address, entry.replace("a-word", "another-word"));
    assertEquals(entries(tomas, group, dance), entries + 1);
    assertEquals(tomas.post(address, entry.replace("a-word-of-a-device", "x")).status(), 422);
  }

  private static int entries(Client client, long group, long dance) {
    return client
        .get("/api/groups/" + group)
        .body()
        .get("dances")
        .valueStream()
        .filter(it -> it.get("dance").asLong() == dance)
        .mapToInt(it -> it.get("entries").size())
        .sum();
  }
}
