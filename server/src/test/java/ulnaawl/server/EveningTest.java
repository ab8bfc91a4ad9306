package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * A class from its plan to its log, through the API: what changes cost, what stays, late, notes of
 * a run-through, a log that is sent twice; today is Tuesday, 24 November 2026.
 */
public class EveningTest extends ServerTest {

  private static JsonNode planned(Client client, int group, String date) {
    String body = "{'group':%d,'date':'%s','minutes':75}".formatted(group, date);
    return ok(client.post("/api/classes", Client.json(body)));
  }

  private static String address(JsonNode sheet) {
    return "/api/classes/" + sheet.get("id").asLong();
  }

  private static List<JsonNode> list(JsonNode array) {
    return array.valueStream().toList();
  }

  private static JsonNode first(JsonNode sheet, String kind) {
    return list(sheet.get("lines")).stream()
        .filter(it -> it.get("kind").asString().equals(kind))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void changesSayWhatTheyCostAndTheRestPlansItselfAroundWhatStays() {
    Client tomas = coInstructor();
    JsonNode sheet = planned(tomas, 2, "2027-01-12");
    JsonNode value = ok(tomas.get(address(sheet) + "/value"));
    assertEquals(value.get("points").asInt(), value.get("best").asInt(), "the plan is the best");
    assertEquals(value.get("broken").size(), 0, value.toString());
    assertEquals(value.get("each").size(), sheet.get("lines").size());
    // Without its break it is worth less, and says why.
    List<JsonNode> lines = list(sheet.get("lines"));
    String kept =
        String.join(
            ",",
            lines.stream()
                .filter(it -> !it.get("kind").asString().equals("BREAK"))
                .map(it ->
                    "{'id':%d,'minutes':%d,'kind':'%s','dance':%s,'title':'%s'}"
                        .formatted(
                            it.get("id").asLong(),
                            it.get("minutes").asInt(),
                            it.get("kind").asString(),
                            it.path("dance").isMissingNode() ? "null" : it.get("dance"),
                            it.get("title").asString().replace("'", " ")))
                .toList());
    JsonNode changed =
        ok(
            tomas.put(
                address(sheet),
                Client.json("{'version':1,'minutes':75,'lines':[%s]}".formatted(kept))));
    JsonNode less = ok(tomas.get(address(sheet) + "/value"));
    assertTrue(less.get("broken").toString().contains("No break"), less.toString());
    assertTrue(less.get("broken").toString().contains("no plan"), less.toString());
    // The teach is kept, the rest is planned around it; one dance is not wanted.
    JsonNode teach = first(changed, "TEACH");
    long unwanted = first(changed, "FINISH").path("dance").asLong();
    String around =
        "{'minutes':75,'keep':[%d],'without':[%d]}".formatted(teach.get("id").asLong(), unwanted);
    JsonNode proposal = ok(tomas.post(address(sheet) + "/proposal", Client.json(around)));
    assertTrue(
        list(proposal.get("lines")).stream()
            .anyMatch(it ->
                it.get("id").asLong() == teach.get("id").asLong()
                    && it.get("start").asInt() == teach.get("start").asInt()));
    assertTrue(
        list(proposal.get("lines")).stream()
            .noneMatch(it -> it.path("dance").asLong() == unwanted && unwanted != 0));
    assertTrue(proposal.get("points").asInt() <= value.get("best").asInt());
    JsonNode taken =
        ok(
            tomas.post(
                address(sheet) + "/plan",
                Client.json(around.replace("{'minutes'", "{'version':2,'minutes'"))));
    assertEquals(titles(taken), titles(proposal), "what was proposed is what is taken");
    String rehearsed = NOTED.formatted(1, "DANCED", "SOLID", 100);
    assertEquals(
        tomas.post(address(sheet) + "/noted", Client.json(rehearsed)).status(),
        422,
        "a class that is to come is only rehearsed");
    assertEquals(first(taken, "TEACH").get("id").asLong(), teach.get("id").asLong());
    String tooLate =
        "{'minutes':20,'keep':[%d],'without':[]}"
            .formatted(first(taken, "COOL_DOWN").get("id").asLong());
    assertEquals(tomas.post(address(sheet) + "/proposal", Client.json(tooLate)).status(), 422);
  }

  private static List<String> titles(JsonNode sheet) {
    return list(sheet.get("lines")).stream().map(it -> it.get("title").asString()).toList();
  }

  @Test
  public void theLeaderIsAColleagueAndWeighsInWhatIsPlanned() {
    Client tomas = coInstructor();
    JsonNode sheet = planned(tomas, 2, "2027-02-16");
    String lead = address(sheet) + "/leader";
    assertEquals(tomas.put(lead, Client.json("{'version':1,'leader':{'id':99}}")).status(), 422);
    JsonNode led = ok(tomas.put(lead, Client.json("{'version':1,'leader':{'id':4}}")));
    assertEquals(led.at("/leader/name").asString(), "Ines Kallas");
    assertEquals(tomas.put(lead, Client.json("{'version':2}")).status(), 403, "given away");
    Client wilma = wilma();
    assertEquals(wilma.put(lead, Client.json("{'version':1}")).status(), 409);
    assertFalse(ok(wilma.put(lead, Client.json("{'version':2}"))).has("leader"));
    assertEquals(
        tomas.put(lead, Client.json("{'version':3,'leader':{'id':4}}")).status(), 403, "not his");
    JsonNode taken = ok(tomas.put(lead, Client.json("{'version':3,'leader':{'id':3}}")));
    assertEquals(taken.at("/leader/name").asString(), "Tomas Brandl", "nobody led it");
    assertTrue(ok(tomas.get("/api/people/leaders")).toString().contains("Ines Kallas"));
    String next = "/api/groups/2/next?leader=";
    assertTrue(
        ok(tomas.get(next + 99)).toString().contains("leader-unsure"),
        "who has led nothing is unsure of everything");
  }

  @Test
  public void lateIsShortenedForTheMinutesThatAreLeft() {
    Client tomas = coInstructor();
    JsonNode sheet = planned(tomas, 3, "2027-01-14");
    List<JsonNode> lines = list(sheet.get("lines"));
    JsonNode from = lines.get(lines.size() - 4);
    int planned = sheet.get("planned").asInt() - from.get("start").asInt();
    String late = address(sheet) + "/late?from=%d&left=%d&since=10";
    JsonNode inTime = ok(tomas.get(late.formatted(from.get("id").asLong(), planned)));
    assertEquals(inTime.get("cost").asInt(), 0, inTime.toString());
    JsonNode shorter = ok(tomas.get(late.formatted(from.get("id").asLong(), planned - 6)));
    assertTrue(shorter.get("cost").asInt() > 0);
    int minutes =
        list(shorter.get("lines")).stream().mapToInt(it -> it.get("minutes").asInt()).sum();
    assertEquals(minutes + shorter.get("inHand").asInt(), planned - 6);
    assertTrue(
        list(shorter.get("lines")).stream().anyMatch(it -> !it.get("text").asString().isEmpty()));
    assertEquals(tomas.get(late.formatted(987_654, planned)).status(), 404);
    assertEquals(tomas.get(late.formatted(from.get("id").asLong(), -1)).status(), 422);
  }

  /** A run-through notes itself, the log begins with it, and is written once however often sent. */
  @Test
  public void theLogBeginsWithWhatWasNotedAndIsWrittenOnce() {
    Client tomas = coInstructor();
    String group =
        "/api/groups/"
            + ok(instructor()
                    .post(
                        "/api/groups",
                        Client.json(
                            "{'name':'Loggers','level':'IMPROVER','weekday':'TUESDAY','startsAt':'18:30','minutes':75,'place':'','version':0}")))
                .get("id")
                .asLong();
    int number = Integer.parseInt(group.substring(group.lastIndexOf('/') + 1));
    ok(instructor().put(group + "/register", Client.json("{'kind':'HEADS'}")));
    JsonNode sheet = planned(tomas, number, "2026-11-24");
    JsonNode teach = first(sheet, "TEACH");
    long dance = teach.get("dance").asLong();
    noted(tomas, address(sheet), dance, "DANCED_CALLED", 70, "SHAKY");
    noted(tomas, address(sheet), dance, "DANCED_CALLED", 85, "SOLID");
    JsonNode expected = ok(tomas.get(address(sheet) + "/expected"));
    JsonNode practice =
        list(expected).stream().filter(it -> it.get("noted").asBoolean()).findFirst().orElseThrow();
    assertEquals(practice.at("/more/percent").asInt(), 85, "the last note of its kind");
    assertEquals(ok(tomas.get(group)).at("/dances/0/entries").size(), 1);
    String log =
        """
        {'version':1,'key':'phone-1','note':'late','ledBy':{'id':4},'came':{'heads':14,'version':0},
         'lines':[{'line':%d,'happened':'TAUGHT','shown':[],'outcome':'SHAKY','note':'',
          'more':{'spots':[{'section':1,'outcome':'LOST'}],'minutes':31,'options':'no full turn'}},
          {'line':%d,'happened':'DANCED_CALLED','shown':[],'outcome':'SOLID','note':'',
          'more':{'spots':[],'percent':85,'options':''}}]}
        """
            .formatted(teach.get("id").asLong(), practice.get("line").asLong());
    JsonNode written = ok(tomas.post(address(sheet) + "/record", Client.json(log)));
    assertTrue(written.get("recorded").asBoolean());
    JsonNode again = ok(tomas.post(address(sheet) + "/record", Client.json(log)));
    assertEquals(again.get("version"), written.get("version"), "sent twice, written once");
    assertEquals(
        tomas
            .post(address(sheet) + "/record", Client.json(log.replace("phone-1", "phone-2")))
            .status(),
        409);
    JsonNode learned = ok(tomas.get(group)).at("/dances/0");
    assertEquals(learned.get("entries").size(), 2, "the log took the place of the notes");
    assertEquals(learned.get("trouble").toString(), "[1]");
    assertEquals(learned.at("/entries/0/more/options").asString(), "no full turn");
    assertEquals(learned.at("/entries/0/more/ledBy/name").asString(), "Ines Kallas");
    assertEquals(ok(tomas.get(group + "/register")).at("/came/0/heads").asInt(), 14);
    String more = NOTED.formatted(dance, "DANCED", "SOLID", 100);
    assertEquals(tomas.post(address(sheet) + "/noted", Client.json(more)).status(), 409);
    // Correcting: the record is taken back, and with it what it said of the sections.
    ok(tomas.delete(address(sheet) + "/record?version=" + written.get("version").asInt()));
    assertEquals(ok(tomas.get(group)).get("dances").size(), 0);
  }

  private static final String NOTED =
      "{'dance':%d,'happened':'%s','shown':[],'outcome':'%s','more':{'spots':[],'percent':%d,'options':''}}";

  private static void noted(
      Client client, String evening, long dance, String happened, int percent, String outcome) {
    String body = NOTED.formatted(dance, happened, outcome, percent);
    assertEquals(client.post(evening + "/noted", Client.json(body)).status(), 204);
  }

  @Test
  public void anEntryIsRefusedWhereItsSectionsAreNone() {
    Client tomas = coInstructor();
    String entry =
        "{'dance':1,'date':'2026-11-20','happened':'TAUGHT','shown':[],'outcome':'SOLID','note':'',"
            + "'more':{'spots':[{'section':%d,'outcome':'LOST'}%s],'options':''}}";
    assertEquals(
        tomas.post("/api/groups/1/record", Client.json(entry.formatted(77, ""))).status(), 422);
    String twice = ",{'section':1,'outcome':'SOLID'}";
    assertEquals(
        tomas.post("/api/groups/1/record", Client.json(entry.formatted(1, twice))).status(), 422);
  }

  /** The music of an evening: in order, what is slower to practise to, what is missing. */
  @Test
  public void anEveningHasItsMusic() {
    Client tomas = coInstructor();
    JsonNode sheet = planned(tomas, 3, "2027-02-18");
    JsonNode music = ok(tomas.get(address(sheet) + "/music"));
    List<JsonNode> lines = list(music.get("lines"));
    assertTrue(lines.size() >= 4, music.toString());
    int start = -1;
    for (JsonNode line : lines) {
      assertTrue(line.get("start").asInt() > start);
      start = line.get("start").asInt();
      assertEquals(line.has("missing"), !line.has("song"), line.toString());
    }
    long taught = first(sheet, "TEACH").get("dance").asLong();
    JsonNode practice =
        lines.stream().filter(it -> it.get("dance").asLong() == taught).findFirst().orElseThrow();
    for (JsonNode slower : practice.get("slower")) {
      assertTrue(slower.get("percent").asInt() < 100, slower.toString());
    }
    Client.Answer playlist = tomas.get(address(sheet) + "/music/xspf");
    assertEquals(playlist.status(), 200);
    String text = playlist.raw().body();
    assertEquals(text.split("<track>", -1).length - 1, lines.size(), text);
    assertTrue(text.contains("http://xspf.org/ns/0/"), text);
  }

  @Test
  public void whatHadBeenLearnedIsSeenWeekByWeek() {
    JsonNode weeks = ok(coInstructor().get("/api/groups/2/progress"));
    assertTrue(weeks.size() >= 26, "half a year");
    JsonNode last = weeks.get(weeks.size() - 1);
    assertTrue(last.get("known").asInt() > weeks.get(0).get("known").asInt());
    assertTrue(last.get("figures").asInt() > 20);
  }

  @Test
  public void closedDaysAndThemesWeighInThePlan() {
    Client oda = instructor();
    JsonNode calendar =
        ok(
            oda.post(
                "/api/calendar/closed",
                Client.json(
                    "{'group':null,'from':'2027-03-01','to':'2027-03-14','note':'Carnival'}")));
    long id = calendar.at("/closed").valueStream().toList().getLast().get("id").asLong();
    Client.Answer closed =
        oda.post("/api/classes", Client.json("{'group':1,'date':'2027-03-08','minutes':60}"));
    assertEquals(closed.status(), 422);
    assertTrue(closed.raw().body().contains("Carnival"), closed.raw().body());
    JsonNode agenda = ok(oda.get("/api/classes"));
    assertTrue(
        list(agenda.get("coming")).stream()
            .noneMatch(it -> it.get("nextDate").asString().startsWith("2027-03-0")));
    ok(oda.delete("/api/calendar/closed/" + id));
    assertEquals(oda.delete("/api/calendar/closed/" + id).status(), 404);
    String backwards = "{'group':null,'from':'2026-12-21','to':'2026-12-03','note':''}";
    assertEquals(oda.post("/api/calendar/closed", Client.json(backwards)).status(), 422);
    ok(oda.put("/api/dances/20/tags", Client.json("{'tags':[' Moonlight ']}")));
    assertEquals(ok(oda.get("/api/dances/20/tags")).toString(), "[\"moonlight\"]");
    ok(
        oda.post(
            "/api/calendar/themes",
            Client.json(
                "{'name':'Moon month','from':'2026-11-01','to':'2026-12-31','tags':['moonlight']}")));
    String next = ok(oda.get("/api/groups/3/next")).toString();
    assertTrue(next.contains("Moon month"), next);
    String none = "{'name':'X','from':'2026-11-01','to':'2026-12-31','tags':[' ']}";
    assertEquals(oda.post("/api/calendar/themes", Client.json(none)).status(), 422);
  }
}
