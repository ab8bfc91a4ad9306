package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A term is planned, looked at, changed by hand and planned again. */
public class TermTest extends ServerTest {

  private static final int LONG_ENOUGH_MS = 1_000;

  private static String form(String name, String from, String to, int version) {
    return Client.json(
        ("{'name':'%s','from':'%s','to':'%s','social':'2027-02-20','version':%d,"
                + "'groups':[{'group':1,'mostNew':3,'social':true},"
                + "{'group':2,'mostNew':3,'social':true}]}")
            .formatted(name, from, to, version));
  }

  private JsonNode planned(Client by, long id) {
    String plan = "/api/terms/" + id + "/plan";
    ok(by.post(plan, ""));
    // Whoever has waited long enough takes the best so far.
    Eventually.is(
        () -> {
          JsonNode job = ok(by.get(plan));
          if (job.get("running").asBoolean() && job.get("millis").asInt() > LONG_ENOUGH_MS) {
            ok(by.delete(plan));
          }
          return !job.get("running").asBoolean();
        },
        "it ends");
    return ok(by.get(plan));
  }

  @Test
  public void whoLeadsIsSomebodyWhoDoesAndInTheTerm() {
    Client wilma = wilma();
    JsonNode made = ok(wilma.post("/api/terms", form("Winter", "2027-01-04", "2027-03-26", 0)));
    String leader = "/api/terms/" + made.get("id").asLong() + "/leader";
    for (String wrong :
        List.of(
            "'group':3,'on':'2027-01-11','leader':2",
            "'group':99,'on':'2027-01-11','leader':2",
            "'group':1,'on':'2027-07-12','leader':2",
            "'group':1,'on':'2027-01-11','leader':99",
            "'group':1,'on':'2027-01-11','leader':5")) {
      Client.Answer answer = wilma.put(leader, Client.json("{" + wrong + ",'version':1}"));
      assertEquals(answer.status(), 422, wrong + answer.detail());
    }
    ok(wilma.put(leader, Client.json("{'group':1,'on':'2027-01-11','leader':2,'version':1}")));
  }

  @Test
  public void aTermIsPlannedChangedAndPlannedAgain() {
    Client wilma = wilma();
    JsonNode made = ok(wilma.post("/api/terms", form("Spring", "2027-01-04", "2027-03-26", 0)));
    long id = made.get("id").asLong();
    assertEquals(made.get("weeks").size(), 12);
    JsonNode job = planned(wilma, id);
    assertEquals(job.get("broken").asLong(), 0, job.toString());
    assertTrue(job.get("changes").size() > 4, job.toString());
    JsonNode sheet =
        ok(wilma.post("/api/terms/" + id + "/plan/take", Client.json("{'version':1}")));
    assertEquals(sheet.get("broken").size(), 0, sheet.get("broken").toString());
    JsonNode bar = firstNew(sheet);
    assertTrue(bar.get("reasons").size() > 0);
    assertTrue(bar.get("knots").size() > 1);

    // A week later: what it costs is said before it is done, and is what it costs.
    long group = bar.get("group").asLong();
    LocalDate later = LocalDate.parse(bar.get("start").asString()).plusWeeks(1);
    String start =
        Client.json(
            "{'group':%d,'dance':%d,'on':'%s','stays':true,'version':%d}"
                .formatted(group, bar.get("dance").asLong(), later, sheet.get("version").asInt()));
    JsonNode cost = ok(wilma.post("/api/terms/" + id + "/cost", start));
    JsonNode moved = ok(wilma.put("/api/terms/" + id + "/start", start));
    assertEquals(
        moved.get("points").asLong() - sheet.get("points").asLong(), cost.get("points").asLong());
    assertEquals(moved.get("broken").size(), cost.get("breaks").size());
    assertEquals(
        wilma.put("/api/terms/" + id + "/start", start).status(), 409, "from an older version");
    ok(wilma.get("/api/terms/" + id + "/unmet"));
    JsonNode instead =
        ok(
            wilma.get(
                "/api/terms/%d/instead?group=%d&dance=%d"
                    .formatted(id, group, bar.get("dance").asLong())));
    assertTrue(instead.size() > 0);

    // Another one in its place: one comes in and one goes out, or nothing happens.
    JsonNode other =
        instead
            .valueStream()
            .filter(it -> it.get("dance").asLong() != bar.get("dance").asLong())
            .filter(it -> it.get("sound").asBoolean())
            .findFirst()
            .orElseThrow();
    JsonNode swapped =
        ok(
            wilma.put(
                "/api/terms/" + id + "/start",
                Client.json(
                    "{'group':%d,'dance':%d,'insteadOf':%d,'on':'%s','stays':false,'version':%d}"
                        .formatted(
                            group,
                            other.get("dance").asLong(),
                            bar.get("dance").asLong(),
                            other.get("start").asString(),
                            moved.get("version").asInt()))));
    assertEquals(
        swapped.get("points").asLong() - moved.get("points").asLong(),
        other.get("points").asLong());
    assertEquals(swapped.get("broken").size(), 0);
    moved = swapped;

    // Snow closes a week: the plan is held against it, and only what has to moves.
    ok(
        wilma.post(
            "/api/calendar/closed",
            Client.json("{'from':'2027-01-18','to':'2027-01-24','note':'snow'}")));
    JsonNode again = planned(wilma, id);
    assertEquals(again.get("broken").asLong(), 0, again.toString());
    JsonNode taken =
        ok(
            wilma.post(
                "/api/terms/" + id + "/plan/take",
                Client.json(
                    "{'version':%d,'changes':[]}".formatted(moved.get("version").asInt()))));
    assertEquals(taken.get("courses").size(), moved.get("courses").size(), "no change was taken");
    assertEquals(
        wilma.delete("/api/terms/" + id + "?version=" + taken.get("version").asInt()).status(),
        204);
    assertEquals(wilma.get("/api/terms/" + id).status(), 404);
  }

  @Test
  public void aClassIsPlannedByWhatItsTermHasAndMovesIt() {
    Client wilma = wilma();
    String form =
        Client.json(
            "{'name':'Follow','from':'2027-04-05','to':'2027-06-25','version':0,"
                + "'groups':[{'group':2,'mostNew':3,'social':false}]}");
    String path = "/api/terms/" + ok(wilma.post("/api/terms", form)).get("id").asLong();
    planned(wilma, Long.parseLong(path.substring(path.lastIndexOf('/') + 1)));
    JsonNode sheet = ok(wilma.post(path + "/plan/take", Client.json("{'version':1}")));
    assertEquals(sheet.get("slips").size(), 0);
    JsonNode bar = firstNew(sheet);
    String on = bar.get("start").asString();
    String first = "2027-04-06";
    JsonNode evening =
        ok(
            wilma.post(
                "/api/classes",
                Client.json("{'group':2,'date':'%s','minutes':75}".formatted(first))));
    Set<Long> inTerm =
        sheet
            .get("courses")
            .valueStream()
            .filter(it ->
                it.get("knots")
                    .valueStream()
                    .anyMatch(at -> at.get("date").asString().equals(first)))
            .map(it -> it.get("dance").asLong())
            .collect(Collectors.toSet());
    List<JsonNode> because =
        evening
            .get("lines")
            .valueStream()
            .filter(it -> it.toString().contains("The term has it in this class."))
            .toList();
    assertTrue(because.size() > 2, evening.get("lines").toString());
    because.forEach(it -> assertTrue(inTerm.contains(it.get("dance").asLong()), it.toString()));

    // A class that is lost moves what comes after it; whoever plans takes it so, or plans again.
    LocalDate monday = LocalDate.parse(on);
    JsonNode closed =
        ok(
            wilma.post(
                "/api/calendar/closed",
                Client.json(
                    "{'from':'%s','to':'%s','note':'flood'}"
                        .formatted(monday, monday.plusDays(6)))));
    JsonNode behind = ok(wilma.get(path));
    String said = behind.get("slips").toString();
    assertTrue(said.contains(bar.get("title").asString() + " was to be known by"), said);
    String seen = Client.json("{'version':%d}".formatted(behind.get("version").asInt()));
    assertEquals(viewer().post(path + "/settle", seen).status(), 403);
    JsonNode settled = ok(wilma.post(path + "/settle", seen));
    assertEquals(settled.get("slips").size(), 0, settled.get("slips").toString());
    assertEquals(wilma.post(path + "/settle", seen).status(), 409, "from an older version");
    assertTrue(closed.size() > 0);
    ok(wilma.delete(path + "?version=" + settled.get("version").asInt()));
  }

  private static JsonNode firstNew(JsonNode sheet) {
    for (JsonNode one : sheet.get("courses")) {
      if (one.get("kind").asString().equals("NEW")) {
        return one;
      }
    }
    throw new AssertionError("no new dance in " + sheet);
  }

  @Test
  public void theDemoClubIsInTheMiddleOfATerm() {
    JsonNode terms = ok(viewer().get("/api/terms"));
    JsonNode sheet = ok(viewer().get("/api/terms/" + terms.get(0).get("id").asLong()));
    assertEquals(sheet.get("broken").size(), 0, sheet.get("broken").toString());
    boolean happened = false;
    boolean closed = false;
    for (JsonNode group : sheet.get("groups")) {
      for (JsonNode cell : group.get("classes")) {
        happened |= cell.get("happened").size() > 0;
        closed |= !cell.get("closed").asString().isEmpty();
      }
    }
    assertTrue(happened && closed);
    assertFalse(firstNew(sheet).get("known").isNull());
    for (JsonNode course : sheet.get("courses")) {
      // What comes next is seen from the group's next class, whatever day it is today.
      JsonNode next = ok(viewer().get("/api/groups/" + course.get("group").asLong() + "/next"));
      assertTrue(next.toString().contains("The term has it in this class."), next.toString());
      if (course.get("kind").asString().equals("NEW")) {
        assertWaits(next, course);
      }
    }
  }

  /** A new dance of the term is not put forward for a class before the one that begins it. */
  private static void assertWaits(JsonNode next, JsonNode course) {
    next.valueStream()
        .filter(it -> it.get("dance").equals(course.get("dance")))
        .map(JsonNode::toString)
        .forEach(it -> assertTrue(it.contains("The term "), it));
  }

  @Test
  public void whatIsNoTermIsRefused() {
    Client wilma = wilma();
    assertEquals(
        wilma.post("/api/terms", form("Long", "2027-01-04", "2028-03-26", 0)).status(), 422);
    assertEquals(
        wilma.post("/api/terms", form("Back", "2027-03-04", "2027-01-26", 0)).status(), 422);
    String twice =
        form("Twice", "2027-01-04", "2027-03-26", 0).replace("\"group\":2", "\"group\":1");
    assertEquals(wilma.post("/api/terms", twice).status(), 422);
    String far = form("Far", "2027-01-04", "2027-03-26", 0).replace("\"group\":2", "\"group\":99");
    assertEquals(wilma.post("/api/terms", far).status(), 404);
    assertEquals(wilma.post("/api/terms/99/plan", "").status(), 404);
  }

  @Test
  public void aTermIsLookedBackUpon() {
    Client wilma = wilma();
    JsonNode report = ok(wilma.get("/api/terms/1/report"));
    assertEquals(report.get("groups").size(), 3);
    int learned = 0;
    for (JsonNode group : report.get("groups")) {
      assertTrue(group.get("days").asInt() > 0, group.toString());
      assertTrue(group.get("planned").asInt() >= group.get("plannedLearned").asInt());
      for (JsonNode part : group.get("parts")) {
        assertTrue(part.get("dances").size() > 0);
        if (part.get("became").asString().equals("LEARNED")) {
          learned += part.get("dances").size();
          part.get("dances")
              .forEach(it ->
                  // What somebody said of it, without an entry, has no first day.
                  assertTrue(
                      !it.has("first")
                          || it.get("first").asString().compareTo(report.get("from").asString())
                              >= 0));
        }
      }
    }
    assertTrue(learned > 0, report.toString());
    byte[] pdf = wilma.bytes("/api/terms/1/report/pdf");
    assertEquals(new String(pdf, 0, 5, StandardCharsets.US_ASCII), "%PDF-");
    // A term that is still to come has nothing to look back upon.
    long id =
        ok(wilma.post("/api/terms", form("Far off", "2027-02-01", "2027-03-26", 0)))
            .get("id")
            .asLong();
    assertEquals(ok(wilma.get("/api/terms/" + id + "/report")).get("groups").size(), 0);
    assertEquals(wilma.delete("/api/terms/" + id + "?version=1").status(), 204);
  }
}
