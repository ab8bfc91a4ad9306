package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Running orders and what is written down of them, through the API; today is Tuesday, 24 November.
 */
public class ClassesTest extends ServerTest {

  private static final String LINE = "{'id':%s,'minutes':%d,'kind':'%s','dance':%s,'title':'%s'}";

  private static JsonNode planned(Client client, String date) {
    Client.Answer answer =
        client.post(
            "/api/classes", Client.json("{'group':1,'date':'%s','minutes':60}".formatted(date)));
    assertEquals(answer.status(), 201, answer.raw().body());
    return answer.body();
  }

  private static String address(JsonNode sheet) {
    return "/api/classes/" + sheet.get("id").asLong();
  }

  /** A stored line as a page sends it back. */
  private static String again(JsonNode line) {
    return LINE.formatted(
        line.get("id"),
        line.get("minutes").asInt(),
        line.get("kind").asString(),
        line.path("dance").isMissingNode() ? "null" : line.get("dance").toString(),
        line.get("title").asString().replace("'", "\\u0027"));
  }

  private static Client.Answer change(Client client, JsonNode sheet, List<String> lines) {
    String body =
        "{'version':%d,'minutes':60,'lines':[%s]}"
            .formatted(sheet.get("version").asInt(), String.join(",", lines));
    return client.put(address(sheet), Client.json(body));
  }

  private static List<JsonNode> lines(JsonNode sheet) {
    assertTrue(sheet.has("lines"), sheet.toString());
    return sheet.get("lines").valueStream().toList();
  }

  private static void remove(Client client, JsonNode sheet) {
    JsonNode now = client.get(address(sheet)).body();
    assertEquals(
        client.delete(address(sheet) + "?version=" + now.get("version").asInt()).status(), 204);
  }

  @Test
  public void linesKeepTheirNumbersAndTheirReasonsThroughEveryChange() {
    Client oda = instructor();
    JsonNode sheet = planned(oda, "2027-03-01");
    List<JsonNode> before = lines(sheet);
    assertTrue(before.size() > 3, sheet.toString());
    JsonNode turned =
        change(oda, sheet, before.reversed().stream().map(ClassesTest::again).toList()).body();
    assertEquals(lines(turned).stream().map(it -> it.get("id")).toList().reversed(), ids(before));
    for (JsonNode line : lines(turned)) {
      assertTrue(line.path("changedBy").isMissingNode(), "moved, not changed: " + line);
    }
    JsonNode shorter =
        change(oda, turned, lines(turned).stream().skip(1).map(ClassesTest::again).toList()).body();
    assertEquals(lines(shorter).size(), before.size() - 1);
    JsonNode back =
        oda.post(address(sheet) + "/bring-back", Client.json("{'version':3,'to':1}")).body();
    assertEquals(lines(back), before, "just as it was, numbers and reasons too");
    remove(oda, sheet);
  }

  private static List<JsonNode> ids(List<JsonNode> lines) {
    return lines.stream().map(it -> it.get("id")).toList();
  }

  @Test
  public void aLineThatIsNamedTwiceIsTwoLines() {
    Client oda = instructor();
    JsonNode sheet = planned(oda, "2027-03-08");
    String twin = again(sheet.at("/lines/0"));
    JsonNode twice = change(oda, sheet, List.of(twin, twin)).body();
    assertEquals(lines(twice).size(), 2);
    assertEquals(twice.at("/lines/0/id"), sheet.at("/lines/0/id"));
    assertNotEquals(twice.at("/lines/1/id"), sheet.at("/lines/0/id"));
    remove(oda, sheet);
  }

  @Test
  public void whatWasChangedByHandCarriesTheNameOfWhoDid() {
    Client tomas = coInstructor();
    JsonNode sheet = planned(tomas, "2027-03-15");
    JsonNode line = sheet.at("/lines/0");
    String longer = again(line).replace("'minutes':" + line.get("minutes"), "'minutes':17");
    JsonNode changed = change(tomas, sheet, List.of(longer)).body();
    assertEquals(changed.at("/lines/0/changedBy/name").asString(), "Tomas Brandl");
    assertEquals(changed.at("/lines/0/minutes").asInt(), 17);
    assertEquals(changed.at("/lines/0/reasons"), line.get("reasons"), "the same dance, as before");
    assertEquals(changed.get("planned").asInt(), 17);
    String other = LINE.formatted(line.get("id"), 17, "PRACTICE", "null", "Line up in pairs");
    JsonNode again = change(tomas, changed, List.of(other)).body();
    assertEquals(again.at("/lines/0/reasons/0/code").asString(), "chosen-by");
    assertEquals(again.at("/lines/0/reasons/0/text").asString(), "Chosen by Tomas Brandl.");
    remove(tomas, sheet);
  }

  @DataProvider
  public Object[][] wrongLines() {
    return new Object[][] {
      {LINE.formatted("null", 10, "PRACTICE", "null", "  "), 422, "a dance or a few words"},
      {LINE.formatted("null", 10, "PRACTICE", "99999", ""), 404, ""},
      {LINE.formatted("null", 0, "PRACTICE", "null", "Break"), 422, "minutes"},
      {LINE.formatted("null", 241, "PRACTICE", "null", "Break"), 422, "minutes"},
      {LINE.formatted("null", 10, "DISCO", "null", "Break"), 400, ""},
      {LINE.formatted("null", 10, "BREAK", "null", "x".repeat(201)), 422, "title"},
    };
  }

  @Test(dataProvider = "wrongLines")
  public void aLineThatDoesNotDoIsRefusedAndNothingIsChanged(String line, int status, String why) {
    Client oda = instructor();
    JsonNode sheet = planned(oda, "2027-04-05");
    Client.Answer answer = change(oda, sheet, List.of(line));
    assertEquals(answer.status(), status, answer.raw().body());
    assertTrue(answer.detail().contains(why), answer.detail());
    assertEquals(oda.get(address(sheet)).body(), sheet);
    remove(oda, sheet);
  }

  @Test
  public void thereAreLimits() {
    Client oda = instructor();
    JsonNode sheet = planned(oda, "2027-04-12");
    String line = LINE.formatted("null", 1, "BREAK", "null", "Water");
    assertEquals(change(oda, sheet, java.util.Collections.nCopies(41, line)).status(), 422);
    assertEquals(change(oda, sheet, java.util.Collections.nCopies(40, line)).status(), 200);
    for (int minutes : new int[] {19, 241}) {
      String body = Client.json("{'version':2,'minutes':%d}".formatted(minutes));
      assertEquals(oda.post(address(sheet) + "/plan", body).status(), 422);
    }
    JsonNode anew =
        oda.post(address(sheet) + "/plan", Client.json("{'version':2,'minutes':90}")).body();
    assertEquals(anew.get("minutes").asInt(), 90);
    assertEquals(anew.get("planned").asInt(), 90, "a plan fills the class");
    assertEquals(
        oda.post("/api/classes", Client.json("{'group':1,'date':'2027-04-12','minutes':60}"))
            .status(),
        409,
        "one class a day");
    remove(oda, sheet);
  }

  @Test
  public void onlyWhatHasBeenIsWrittenDownAndOnlyOnce() {
    Client oda = instructor();
    JsonNode future = planned(oda, "2027-05-03");
    String nothing = Client.json("{'version':1,'note':'','lines':[]}");
    Client.Answer early = oda.post(address(future) + "/record", nothing);
    assertEquals(early.status(), 422);
    assertTrue(early.detail().contains("2027-05-03"), early.detail());
    remove(oda, future);

    JsonNode sheet = planned(oda, "2026-11-02");
    JsonNode words =
        change(oda, sheet, List.of(LINE.formatted("null", 10, "BREAK", "null", "Tea"))).body();
    String record =
        "{'version':2,'note':'rain','lines':[{'line':%d,'happened':'TAUGHT','shown':[],'outcome':'SOLID','note':''}]}";
    long tea = words.at("/lines/0/id").asLong();
    Client.Answer notADance =
        oda.post(address(sheet) + "/record", Client.json(record.formatted(tea)));
    assertEquals(notADance.status(), 422);
    assertTrue(notADance.detail().contains("Tea is not a dance"), notADance.detail());
    String twice = record.formatted(tea).replaceFirst("('lines':\\[)(\\{.*})(])", "$1$2,$2$3");
    assertTrue(
        oda.post(address(sheet) + "/record", Client.json(twice)).detail().contains("twice"), twice);
    assertEquals(
        oda.post(address(sheet) + "/record", Client.json(record.formatted(tea + 99_999))).status(),
        422);
    assertFalse(oda.get(address(sheet)).body().get("recorded").asBoolean(), "nothing was kept");
    nothing = nothing.replace("\"version\":1", "\"version\":2");
    assertTrue(oda.post(address(sheet) + "/record", nothing).body().get("recorded").asBoolean());
    assertEquals(oda.post(address(sheet) + "/record", nothing).status(), 409);
    Client.Answer late = change(oda, words, List.of());
    assertEquals(late.status(), 409);
    assertTrue(late.detail().contains("take the record back"), late.detail());
    assertEquals(oda.delete(address(sheet) + "?version=3").status(), 409, "it is in the record");
    assertEquals(oda.delete(address(sheet) + "/record?version=3").status(), 200);
    remove(oda, sheet);
  }

  @Test
  public void theAgendaTellsWhatComesAndWhatHasBeen() {
    Client tomas = coInstructor();
    JsonNode before = tomas.get("/api/classes").body();
    assertEquals(before.get("today").asString(), "2026-11-24");
    List<String> dates =
        before.get("coming").valueStream().map(it -> it.get("nextDate").asString()).toList();
    assertEquals(dates, dates.stream().sorted().toList(), "the nearest first");
    JsonNode sheet = planned(tomas, "2026-11-09");
    JsonNode recorded =
        tomas
            .post(
                address(sheet) + "/record",
                Client.json("{'version':1,'note':'Hall was cold','lines':[]}"))
            .body();
    JsonNode recent =
        tomas
            .get("/api/classes")
            .body()
            .get("recent")
            .valueStream()
            .filter(it -> it.get("id").equals(sheet.get("id")))
            .findFirst()
            .orElseThrow();
    assertEquals(recent, recorded);
    assertEquals(recent.get("note").asString(), "Hall was cold");
    assertEquals(recent.at("/recordedBy/name").asString(), "Tomas Brandl");
    assertEquals(tomas.delete(address(sheet) + "/record?version=2").status(), 200);
    remove(tomas, sheet);
    assertEquals(tomas.get("/api/classes").body(), before);
  }
}
