package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Nothing is lost: versions, what was removed, who did what, and the record through all edits. */
public class HistoryTest extends ServerTest {

  private static final String TEXT =
      """
      title: %s
      start: weight L

      section 1
      1-4  vine R, touch L
      5-8  vine L, touch R

      section 2
      1-4  rocking chair R
      5-8  jazz box R 1/4 R
      """;

  private static final String INSERTED =
      "section 1\n1-8  K step R\n\nsection 2\n1-4  vine R, touch L";

  private static String text(String stepText, int version) {
    return "{\"version\":" + version + ",\"stepText\":" + Client.quoted(stepText) + "}";
  }

  private static JsonNode dance(Client client, String title) {
    String body = "{\"stepText\":" + Client.quoted(TEXT.formatted(title)) + "}";
    return client.post("/api/dances", body).body();
  }

  private static JsonNode standing(Client client, long group, long dance) {
    for (JsonNode one : client.get("/api/groups/" + group).body().get("dances")) {
      if (one.get("dance").asLong() == dance) {
        return one;
      }
    }
    throw new AssertionError("The group has not met dance " + dance);
  }

  private static String entry(long dance, String happened, String shown) {
    return Client.json(
        "{'dance':%d,'date':'2026-11-20','happened':'%s','shown':%s,'outcome':'SOLID','note':'n'}"
            .formatted(dance, happened, shown));
  }

  /** The last section was shown; a section is put in before it: it is still that one. */
  @Test
  public void theRecordReadsRightAfterAnEdit() {
    Client oda = instructor();
    long id = dance(oda, "Moving Sections").get("id").asLong();
    assertEquals(oda.post("/api/groups/1/record", entry(id, "INTRODUCED", "[2]")).status(), 200);
    assertEquals(standing(oda, 1, id).get("shown").toString(), "[2]");
    String inserted =
        TEXT.formatted("Moving Sections")
            .replace("section 2", "section 3")
            .replace("section 1\n1-4  vine R, touch L", INSERTED);
    assertEquals(oda.put("/api/dances/" + id, text(inserted, 1)).status(), 200);
    JsonNode now = standing(oda, 1, id);
    assertEquals(now.get("shown").toString(), "[3]");
    assertEquals(now.get("allSections").asInt(), 3);
    assertEquals(now.at("/entries/0/danceVersion").asInt(), 1);
    assertEquals(now.at("/entries/0/shown").toString(), "[2]", "as it was written then");

    // A mark follows its section as well.
    String mark = "/api/dances/" + id + "/watch-outs/3";
    assertEquals(oda.put(mark, Client.json("{'note':'turns late','version':0}")).status(), 204);
    JsonNode back =
        oda.post("/api/dances/" + id + "/bring-back", Client.json("{'version':2,'to':1}")).body();
    assertEquals(back.get("version").asInt(), 3);
    JsonNode options = oda.get("/api/dances/" + id + "/teach/options?group=1").body();
    assertEquals(options.at("/watchOuts/0/section").asInt(), 2);
    assertEquals(options.at("/watchOuts/0/note").asString(), "turns late");
    assertEquals(standing(oda, 1, id).get("shown").toString(), "[2]");
    assertEquals(
        oda.put(mark.replace("/3", "/2"), Client.json("{'note':'other','version':7}")).status(),
        409,
        "a mark is changed from the version that was seen");
  }

  @Test
  public void whatWasTaughtIsASetOfSections() {
    Client oda = instructor();
    long id = dance(oda, "From The End").get("id").asLong();
    for (String wrong : new String[] {"[]", "[3]", "[0]"}) {
      Client.Answer answer = oda.post("/api/groups/1/record", entry(id, "INTRODUCED", wrong));
      assertTrue(answer.status() == 422 || answer.status() == 400, wrong + answer.status());
    }
    assertEquals(oda.post("/api/groups/1/record", entry(id, "INTRODUCED", "[2]")).status(), 200);
    JsonNode teach = oda.get("/api/dances/" + id + "/teach?group=1&minutes=20").body();
    assertEquals(teach.get("school").asString(), "BACK");
    assertEquals(teach.at("/drills/0/scope/from").asInt(), 2, "a reminder of what was shown");
    assertTrue(teach.get("whole").asBoolean());
  }

  @Test
  public void aRemovedDanceStaysInTheRecordAndComesBack() {
    Client oda = instructor();
    long id = dance(oda, "Gone And Back").get("id").asLong();
    oda.post("/api/groups/1/record", entry(id, "TAUGHT", "[]"));
    assertEquals(oda.delete("/api/dances/" + id + "?version=1").status(), 204);
    assertEquals(oda.get("/api/dances/" + id).status(), 404);
    assertFalse(oda.get("/api/dances").raw().body().contains("Gone And Back"));
    JsonNode known = standing(coInstructor(), 1, id);
    assertTrue(known.get("archived").asBoolean());
    assertEquals(known.get("entries").size(), 1);
    JsonNode removed = coInstructor().get("/api/history/DANCE").body();
    JsonNode first = removed.get(0);
    assertEquals(first.get("subject").asString(), "Gone And Back");
    assertEquals(first.at("/by/name").asString(), "Oda Marsh");
    String back = Client.json("{'version':1,'to':1}");
    assertEquals(coInstructor().post("/api/dances/" + id + "/bring-back", back).status(), 403);
    assertEquals(oda.post("/api/dances/" + id + "/bring-back", back).status(), 200);
    assertFalse(standing(oda, 1, id).get("archived").asBoolean());
    assertEquals(standing(oda, 1, id).get("stage").asString(), "TAUGHT");
  }

  @Test
  public void theHistoryTellsWhoDidWhatAndWhatDiffers() {
    Client oda = instructor();
    long id = dance(oda, "Told").get("id").asLong();
    String path = "/api/dances/" + id;
    String changed = TEXT.formatted("Told").replace("touch R", "scuff R & <stomp>");
    assertEquals(oda.put(path, text(changed, 1)).status(), 200);
    oda.post(path + "/bring-back", Client.json("{'version':2,'to':1}"));
    JsonNode history = coInstructor().get("/api/history/DANCE/" + id).body();
    assertEquals(history.size(), 3);
    assertEquals(history.at("/0/action").asString(), "BROUGHT_BACK");
    assertEquals(history.at("/1/action").asString(), "CHANGED");
    assertEquals(history.at("/1/fromVersion").asInt(), 1);
    assertEquals(history.at("/1/toVersion").asInt(), 2);
    assertEquals(history.at("/1/differences").size(), 1);
    assertEquals(history.at("/1/differences/0/was").asString(), "5-8  vine L, touch R");
    assertEquals(history.at("/1/differences/0/now").asString(), "5-8  vine L, scuff R & <stomp>");
    assertEquals(history.at("/2/action").asString(), "ADDED");
    assertEquals(
        oda.get(path).body().get("stepText").asString(), TEXT.formatted("Told"), "back again");
    // Typed otherwise it is danced alike; another step is one line with its count.
    String typed = TEXT.formatted("Told").replace("touch R", "hitch  R").replace("1-4  ", "1-4   ");
    assertEquals(oda.put(path, text(typed, 3)).status(), 200);
    JsonNode between =
        coInstructor().get("/api/history/DANCE/" + id + "/between?from=1&to=4").body();
    assertEquals(between.size(), 1, between.toString());
    assertTrue(between.at("/0/was").asString().endsWith("8: touch right"), between.toString());
    assertTrue(between.at("/0/now").asString().endsWith("8: hitch right"), between.toString());
    assertEquals(oda.get("/api/history/DANCE/" + id + "/between?from=1&to=99").status(), 404);
    assertEquals(oda.get("/api/history/PERSON").status(), 404);
    assertEquals(oda.get("/api/history/NOTHING").status(), 400);
  }

  @Test
  public void groupsSongsAndClassesHaveTheirHistoryToo() {
    Client oda = instructor();
    String form =
        "{'name':'%s','level':'BEGINNER','weekday':'SUNDAY','startsAt':'11:00','minutes':60,"
            + "'place':'','version':%d}";
    JsonNode group = oda.post("/api/groups", Client.json(form.formatted("Early Birds", 0))).body();
    String address = "/api/groups/" + group.get("id").asLong();
    oda.put(address, Client.json(form.formatted("Late Birds", 1)));
    JsonNode history = oda.get(address.replace("groups", "history/GROUP")).body();
    assertEquals(history.at("/0/differences/0/was").asString(), "name: Early Birds");
    assertEquals(history.at("/0/differences/0/now").asString(), "name: Late Birds");
    assertEquals(oda.delete(address + "?version=2").status(), 204);
    assertFalse(oda.get("/api/groups").raw().body().contains("Late Birds"));
    JsonNode back = oda.post(address + "/bring-back", Client.json("{'version':2,'to':1}")).body();
    assertEquals(back.get("name").asString(), "Early Birds");
    assertEquals(oda.delete(address + "?version=3").status(), 204);

    JsonNode planned =
        oda.post("/api/classes", Client.json("{'group':1,'date':'2027-01-04','minutes':60}"))
            .body();
    String evening = "/api/classes/" + planned.get("id").asLong();
    String first = planned.at("/lines/0/title").asString();
    String order =
        Client.json(
            "{'version':1,'minutes':60,'lines':[{'minutes':60,'kind':'PRACTICE','title':'Party'}]}");
    assertEquals(oda.put(evening, order).status(), 200);
    JsonNode lines = oda.get(evening.replace("classes", "history/CLASS")).body();
    assertTrue(lines.at("/0/differences").size() > 3, lines.toString());
    JsonNode again = oda.post(evening + "/bring-back", Client.json("{'version':2,'to':1}")).body();
    assertEquals(again.at("/lines/0/title").asString(), first);
    assertEquals(again.at("/lines/0/reasons"), planned.at("/lines/0/reasons"));
    assertEquals(oda.delete(evening + "?version=3").status(), 204);
    assertEquals(
        oda.post("/api/classes", Client.json("{'group':1,'date':'2027-01-04','minutes':60}"))
            .status(),
        201,
        "a removed class leaves its day free");
  }

  @Test
  public void aRemovedClassComesBackUnlessItsDayIsTaken() {
    Client oda = instructor();
    String planned = Client.json("{'group':1,'date':'2027-02-01','minutes':45}");
    JsonNode sheet = oda.post("/api/classes", planned).body();
    String evening = "/api/classes/" + sheet.get("id").asLong();
    String back = Client.json("{'version':1,'to':1}");
    assertEquals(oda.delete(evening + "?version=1").status(), 204);
    assertEquals(oda.get(evening).status(), 404);
    assertEquals(
        oda.put(evening, Client.json("{'version':1,'minutes':45,'lines':[]}")).status(), 404);
    assertTrue(
        oda.get("/api/history/CLASS")
            .body()
            .valueStream()
            .anyMatch(it -> it.get("id").equals(sheet.get("id"))));
    JsonNode other = oda.post("/api/classes", planned).body();
    assertEquals(oda.post(evening + "/bring-back", back).status(), 409);
    assertEquals(
        oda.delete("/api/classes/" + other.get("id").asLong() + "?version=1").status(), 204);
    assertEquals(
        oda.post(evening + "/bring-back", Client.json("{'version':7,'to':1}")).status(), 409);
    JsonNode again = oda.post(evening + "/bring-back", back).body();
    assertEquals(again.get("version").asInt(), 2);
    assertEquals(again.at("/lines/0/title"), sheet.at("/lines/0/title"));
    assertEquals(oda.get(evening).status(), 200);
    assertEquals(oda.delete(evening + "?version=2").status(), 204);
  }

  @Test
  public void anEntryThatIsTakenBackIsNoLongerCounted() {
    Client oda = instructor();
    long id = dance(oda, "Taken Back").get("id").asLong();
    oda.post("/api/groups/1/record", entry(id, "TAUGHT", "[]"));
    long entry = standing(oda, 1, id).at("/entries/0/id").asLong();
    assertEquals(oda.delete("/api/groups/1/record/" + entry).status(), 200);
    assertEquals(oda.delete("/api/groups/1/record/" + entry).status(), 404);
    assertFalse(oda.get("/api/groups/1").raw().body().contains("Taken Back"));
  }
}
