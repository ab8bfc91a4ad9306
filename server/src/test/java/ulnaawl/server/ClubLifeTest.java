package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What the product is for, through the API: type, plan, teach, run, record, share. */
public class ClubLifeTest extends ServerTest {

  private static final String DANCE =
      """
      title: Windfall Apples
      counts: 16
      walls: 4
      start: weight L
      song: Windfall / The Ladder Men / 108 bpm / 2:30

      section 1
      1-4  vine R, touch L
      5-8  vine L, touch R

      section 2
      1-4  rocking chair R
      5-8  jazz box R 1/4 R
      """;

  @Test
  public void aDanceIsTypedTaughtRecordedAndSeenByTheColleague() {
    Client oda = instructor();
    JsonNode slip =
        oda.post(
                "/api/writing/check",
                "{\"stepText\":" + Client.quoted(DANCE.replace("jazz", "jaz")) + "}")
            .body();
    assertEquals(slip.at("/remarks/0/code").asString(), "UNKNOWN_FIGURE");
    assertEquals(slip.at("/remarks/0/mends/0/replacement").asString(), "jazz box");

    JsonNode sheet = oda.post("/api/dances", "{\"stepText\":" + Client.quoted(DANCE) + "}").body();
    for (JsonNode remark : sheet.at("/reading/remarks")) {
      assertEquals(remark.get("severity").asString(), "INFO", remark.toString());
    }
    assertEquals(sheet.at("/reading/sequence/1/startFacing").asInt(), 2);
    long dance = sheet.get("id").asLong();

    JsonNode group = oda.get("/api/groups").body().get(0);
    long groupId = group.get("id").asLong();
    JsonNode teach =
        oda.get("/api/dances/" + dance + "/teach?group=" + groupId + "&minutes=20").body();
    assertTrue(teach.get("whole").asBoolean());
    assertTrue(teach.get("seconds").asInt() <= 1200);
    assertTrue(teach.get("drills").size() > 5);
    JsonNode run =
        oda.get("/api/dances/" + dance + "/run-through?kind=WALLS&from=1&to=2&group=" + groupId)
            .body();
    assertEquals(run.at("/ladder/rungs/0/percent").asInt(), 60);
    assertEquals(run.at("/track/steps/0/tick").asInt(), 0);
    JsonNode second =
        run.at("/track/legs")
            .valueStream()
            .filter(leg -> leg.get("wall").asInt() == 2)
            .findFirst()
            .orElseThrow();
    assertEquals(second.get("startFacing").asInt(), 2);

    Client.Answer planned =
        oda.post(
            "/api/classes",
            Client.json("{'group':%d,'date':'2026-11-23','minutes':60}".formatted(groupId)));
    assertEquals(planned.status(), 201, planned.raw().body());
    JsonNode evening = planned.body();
    long id = evening.get("id").asLong();
    JsonNode first = evening.at("/lines/0");
    String order =
        Client.json(
                "{'version':%d,'minutes':60,'lines':[{'id':%d,'minutes':%d,'kind':'%s','dance':%s,'title':%s},{'id':null,'minutes':30,'kind':'TEACH','dance':%d,'title':''}]}")
            .formatted(
                evening.get("version").asInt(),
                first.get("id").asLong(),
                first.get("minutes").asInt(),
                first.get("kind").asString(),
                first.has("dance") ? first.get("dance").toString() : "null",
                first.get("title").toString(),
                dance);
    JsonNode changed = oda.put("/api/classes/" + id, order).body();
    assertEquals(changed.at("/lines/1/changedBy/name").asString(), "Oda Marsh");
    assertEquals(changed.at("/lines/1/reasons/0/code").asString(), "chosen-by");
    JsonNode expected = oda.get("/api/classes/" + id + "/expected").body();
    JsonNode last = expected.get(expected.size() - 1);
    assertEquals(last.get("happened").asString(), "TAUGHT");
    assertEquals(last.get("shown").toString(), "[1,2]");
    assertTrue(changed.at("/lines/0/changedBy").isMissingNode());

    Client.Answer stale = wilma().put("/api/classes/" + id, order);
    assertEquals(stale.status(), 409);

    String record =
        Client.json(
                "{'version':%d,'note':'Went well','lines':[{'line':%d,'happened':'TAUGHT','shown':[],'outcome':'SOLID','note':'Jazz box turned late'}]}")
            .formatted(changed.get("version").asInt(), changed.at("/lines/1/id").asLong());
    JsonNode recorded = oda.post("/api/classes/" + id + "/record", record).body();
    assertTrue(recorded.get("recorded").asBoolean());

    JsonNode seen = standing(coInstructor().get("/api/groups/" + groupId).body(), dance);
    assertEquals(seen.get("stage").asString(), "TAUGHT");
    assertEquals(seen.get("due").asString(), "2026-11-24");
    assertEquals(seen.at("/entries/0/by/name").asString(), "Oda Marsh");
    assertEquals(seen.at("/entries/0/note").asString(), "Jazz box turned late");

    JsonNode back =
        wilma()
            .delete("/api/classes/" + id + "/record?version=" + recorded.get("version").asInt())
            .body();
    assertTrue(!back.get("recorded").asBoolean());
    assertTrue(standing(oda.get("/api/groups/" + groupId).body(), dance).isMissingNode());
    assertEquals(
        oda.delete("/api/classes/" + id + "?version=" + back.get("version").asInt()).status(), 204);
  }

  @Test
  public void aSheetIsPrinted() {
    var answer = coInstructor().get("/api/dances/1/sheet.pdf").raw();
    assertEquals(answer.statusCode(), 200);
    assertEquals(answer.headers().firstValue("Content-Type").orElse(""), "application/pdf");
    assertTrue(answer.body().startsWith("%PDF-"));
    assertEquals(coInstructor().get("/api/dances/999/sheet.pdf").status(), 404);
  }

  private static JsonNode standing(JsonNode group, long dance) {
    for (JsonNode one : group.get("dances")) {
      if (one.get("dance").asLong() == dance) {
        return one;
      }
    }
    return group.path("nothing");
  }

  @Test
  public void theDemoClubIsWhole() {
    JsonNode dances = instructor().get("/api/dances").body();
    for (JsonNode one : dances) {
      assertTrue(one.get("sound").asBoolean(), one.get("title").asString());
    }
    assertTrue(dances.size() >= 24);
    JsonNode listed = coInstructor().get("/api/dances/list?most=100").body().get("dances");
    assertTrue(
        listed.valueStream().mapToInt(it -> it.get("knownBy").size()).sum() > 8,
        "groups know dances");
    JsonNode agenda = instructor().get("/api/classes").body();
    assertEquals(agenda.get("coming").size(), 3);
    for (JsonNode coming : agenda.get("coming")) {
      JsonNode planned = coming.get("planned");
      assertEquals(planned.get("planned").asInt(), planned.get("minutes").asInt());
      for (JsonNode line : planned.get("lines")) {
        assertTrue(line.at("/reasons/0/text").asString().length() > 10);
      }
    }
  }

  @Test
  public void twoPeopleChangingADanceAreToldAndNothingIsLost() {
    Client oda = instructor();
    JsonNode sheet =
        oda.post(
                "/api/dances",
                "{\"stepText\":" + Client.quoted(DANCE.replace("Apples", "Pears")) + "}")
            .body();
    String path = "/api/dances/" + sheet.get("id").asLong();
    String change =
        "{\"version\":1,\"stepText\":" + Client.quoted(DANCE.replace("Apples", "Plums")) + "}";
    assertEquals(oda.put(path, change).status(), 200);
    Client.Answer second = oda.put(path, change);
    assertEquals(second.status(), 409);
    assertTrue(second.detail().contains("Oda Marsh has changed this dance"), second.detail());
    assertEquals(oda.get(path).body().at("/reading/title").asString(), "Windfall Plums");
    assertEquals(oda.delete(path + "?version=1").status(), 409);
    assertEquals(oda.delete(path + "?version=2").status(), 204);
    assertEquals(oda.get(path).status(), 404);
  }

  @Test
  public void aDanceWithMistakesIsKeptButNotTaught() {
    Client oda = instructor();
    JsonNode sheet =
        oda.post("/api/dances", "{\"stepText\":\"title: Half done\\nsection 1\\n1-4  vyne R\"}")
            .body();
    long id = sheet.get("id").asLong();
    Client.Answer teach = oda.get("/api/dances/" + id + "/teach?group=1&minutes=10");
    assertEquals(teach.status(), 422);
    assertTrue(teach.detail().startsWith("Half done still has mistakes"), teach.detail());
    assertEquals(oda.delete("/api/dances/" + id + "?version=1").status(), 204);
  }

  @Test
  public void theFutureIsNotRecorded() {
    Client.Answer answer =
        instructor()
            .post(
                "/api/groups/1/record",
                Client.json(
                    "{'dance':1,'date':'2027-01-01','happened':'TAUGHT','shown':[1],'outcome':'SOLID','note':''}"));
    assertEquals(answer.status(), 422, answer.raw().body());
  }
}
