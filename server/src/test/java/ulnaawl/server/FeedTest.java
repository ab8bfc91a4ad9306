package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Calendars by secret addresses, and what the owner and everybody can look up of what was done. */
public class FeedTest extends ServerTest {

  private String word(Client by, String form) {
    Client.Answer made = by.post("/api/calendars", Client.json(form));
    assertEquals(made.status(), 201, made.raw().body());
    return made.body().get("word").asString();
  }

  private String read(String word) {
    Client.Answer answer = nobody().get("/api/calendars/" + word + "/classes.ics");
    assertEquals(answer.status(), 200, answer.raw().body());
    assertTrue(
        answer.raw().headers().firstValue("Content-Type").orElse("").startsWith("text/calendar"));
    // Folded lines are one line.
    return answer.raw().body().replace("\r\n ", "");
  }

  private static List<String> lines(String text, String start) {
    return Arrays.stream(text.split("\r\n")).filter(it -> it.startsWith(start)).toList();
  }

  @Test
  public void aCalendarShowsTheClassesOfItsKind() {
    Client wilma = wilma();
    long id =
        wilma.get("/api/classes").body().get("coming").get(0).get("planned").get("id").asLong();
    JsonNode sheet = wilma.get("/api/classes/" + id).body();
    assertEquals(
        wilma
            .put(
                "/api/classes/" + id + "/leader",
                Client.json(
                    "{'version':%d,'leader':{'id':2}}".formatted(sheet.get("version").asInt())))
            .status(),
        200);
    String day = sheet.get("date").asString().replace("-", "");
    String group = sheet.get("groupName").asString();

    String mine = read(word(wilma, "{'kind':'MINE'}"));
    assertTrue(lines(mine, "DTSTART").stream().anyMatch(it -> it.contains(day)), mine);
    assertEquals(
        lines(mine, "DESCRIPTION").stream().distinct().toList(),
        List.of("DESCRIPTION:Led by Wilma Otterspoor"));

    String ofGroup =
        read(word(wilma, "{'kind':'GROUP','group':%d}".formatted(sheet.get("group").asInt())));
    assertTrue(lines(ofGroup, "SUMMARY").stream().allMatch(it -> it.contains(group)), ofGroup);
    assertTrue(lines(ofGroup, "DTSTART").size() > 20, "half a year of it");

    String club = read(word(wilma, "{'kind':'CLUB'}"));
    assertTrue(lines(club, "DTSTART").size() > lines(ofGroup, "DTSTART").size());
    assertTrue(lines(club, "STATUS:CANCELLED").size() > 0, "closed days are said to be off");
    assertEquals(lines(club, "UID").size(), lines(club, "UID").stream().distinct().count());
  }

  @Test
  public void whomTheTermHasForAClassHasItInTheirCalendar() {
    JsonNode term = wilma().get("/api/terms/1").body();
    String today = term.get("today").asString();
    int found = 0;
    for (JsonNode person : term.get("leaders")) {
      String name = person.get("name").asString();
      List<String> days =
          StreamSupport.stream(term.get("groups").spliterator(), false)
              .flatMap(it -> StreamSupport.stream(it.get("classes").spliterator(), false))
              .filter(it -> it.has("leader"))
              .filter(it -> it.get("leader").asLong() == person.get("id").asLong())
              .map(it -> it.get("date").asString())
              .filter(it -> it.compareTo(today) > 0)
              .toList();
      if (days.isEmpty()) {
        continue;
      }
      String mine = read(word(Client.signedIn(port(), name, PASSWORD), "{'kind':'MINE'}"));
      for (String day : days) {
        assertTrue(
            lines(mine, "DTSTART").stream().anyMatch(it -> it.contains(day.replace("-", ""))),
            name + " on " + day + " in " + mine);
        found++;
      }
    }
    assertTrue(found > 5, found + " classes that the term has leaders for");
  }

  @Test
  public void aCalendarIsItsOwnersAloneAndEndsWithThem() {
    Client wilma = wilma();
    String word = word(wilma, "{'kind':'CLUB'}");
    JsonNode mine = wilma.get("/api/calendars").body();
    assertFalse(mine.toString().contains(word), "no copy is kept");
    long id = mine.get(0).get("id").asLong();
    read(word);
    assertFalse(wilma.get("/api/calendars").body().get(0).get("lastUsed").isNull());
    assertEquals(instructor().delete("/api/calendars/" + id).status(), 404);
    assertEquals(wilma.delete("/api/calendars/" + id).status(), 204);
    assertEquals(nobody().get("/api/calendars/" + word + "/classes.ics").status(), 404);
    assertEquals(wilma.post("/api/calendars", Client.json("{'kind':'GROUP'}")).status(), 422);
    assertEquals(
        wilma.post("/api/calendars", Client.json("{'kind':'GROUP','group':999}")).status(), 404);

    Client owner = instructor();
    assertEquals(join(owner, "Ulf Lind", "INSTRUCTOR", PASSWORD).status(), 201);
    String his = word(Client.signedIn(port(), "Ulf Lind", PASSWORD), "{'kind':'MINE'}");
    read(his);
    JsonNode ulf =
        StreamSupport.stream(owner.get("/api/people").body().spliterator(), false)
            .filter(it -> it.get("name").asString().equals("Ulf Lind"))
            .findFirst()
            .orElseThrow();
    assertEquals(
        owner
            .delete(
                "/api/people/" + ulf.get("id").asLong() + "?version=" + ulf.get("version").asInt())
            .status(),
        204);
    assertEquals(nobody().get("/api/calendars/" + his + "/classes.ics").status(), 404);
  }

  @Test
  public void theOwnerReadsWhoCameInAndWhatWasTakenAway() {
    Client wilma = wilma();
    assertEquals(wilma.get("/api/songs/export/csv").status(), 200);
    Client guest = nobody();
    guest.post(
        "/api/session", Client.json("{'name':'Wilma Otterspoor','password':'not this one'}"));
    Client owner = instructor();
    JsonNode out = owner.get("/api/log?thing=EXPORT").body().get("lines").get(0);
    assertEquals(out.at("/by/name").asString(), "Wilma Otterspoor");
    assertEquals(out.get("subject").asString(), "the songs, as a table");
    JsonNode door = owner.get("/api/log?thing=SESSION&by=2").body().get("lines");
    assertEquals(door.get(0).get("action").asString(), "REFUSED");
    assertEquals(door.get(1).get("action").asString(), "SIGNED_IN");
    assertFalse(door.toString().contains("not this one"));
    JsonNode page = owner.get("/api/log").body();
    assertEquals(page.get("lines").size(), 100);
    assertTrue(page.get("more").asBoolean());
    long last = page.get("lines").get(99).get("id").asLong();
    assertTrue(
        owner.get("/api/log?before=" + last).body().get("lines").get(0).get("id").asLong() < last);
    assertEquals(wilma.get("/api/log").status(), 403);
    assertEquals(wilma.get("/api/history/SESSION/0").status(), 404);
  }

  @Test
  public void whoTaughtWhatWhenIsInTheRecord() {
    Client wilma = wilma();
    JsonNode taught = wilma.get("/api/taught?weeks=13").body();
    assertTrue(taught.size() > 10, taught.toString());
    JsonNode one = taught.get(0);
    JsonNode group = wilma.get("/api/groups/" + one.get("group").asLong()).body();
    assertTrue(
        group.toString().contains(one.get("title").asString()), "the record of that group has it");
    assertEquals(wilma.get("/api/taught?weeks=0").status(), 400);
    assertEquals(wilma.get("/api/taught?weeks=61").status(), 400);
  }
}
