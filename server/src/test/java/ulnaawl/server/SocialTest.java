package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A social is made, planned, changed, run late, and written into the record. */
public class SocialTest extends ServerTest {

  private static String form(String date, int version) {
    return Client.json(
        ("{'name':'Barn dance','date':'%s','startsAt':'19:30','minutes':90,'longestWait':12,"
                + "'onlyListed':false,'guests':[{'group':1,'heads':12},{'group':2,'heads':9}],"
                + "'between':[{'kind':'WALK_IN','at':15,'minutes':0},"
                + "{'kind':'BREAK','at':45,'minutes':10}],'version':%d}")
            .formatted(date, version));
  }

  private static List<JsonNode> lines(JsonNode order) {
    return StreamSupport.stream(order.get("lines").spliterator(), false).toList();
  }

  private static List<JsonNode> songs(JsonNode order) {
    return lines(order).stream().filter(it -> it.has("how")).toList();
  }

  private static String song(JsonNode line, boolean stays) {
    JsonNode dances = line.get("dances");
    return Client.json(
        "{'how':'%s','dance':%d,'other':%s,'stays':%b}"
            .formatted(
                line.get("how").asString(),
                dances.get(0).get("dance").asLong(),
                dances.size() > 1 ? dances.get(1).get("dance").asLong() : null,
                stays));
  }

  private static String order(int version, List<String> songs) {
    return "{\"version\":" + version + ",\"songs\":[" + String.join(",", songs) + "]}";
  }

  private static String play(int version, JsonNode line, int begun) {
    return "{\"version\":"
        + version
        + ",\"song\":"
        + song(line, false)
        + ",\"begun\":"
        + begun
        + "}";
  }

  private JsonNode planned(Client by, long id, int version) {
    JsonNode plan = ok(by.post("/api/socials/" + id + "/plan", ""));
    return ok(
        by.put(
            "/api/socials/" + id + "/order",
            order(version, songs(plan).stream().map(it -> song(it, false)).toList())));
  }

  @Test
  public void anEveningIsPlannedPlayedLateAndWrittenDown() {
    Client wilma = wilma();
    JsonNode made = ok(wilma.post("/api/socials", form("2026-11-21", 0)));
    long id = made.get("id").asLong();
    String at = "/api/socials/" + id;
    JsonNode plan = ok(wilma.post(at + "/plan", ""));
    assertTrue(plan.get("gap").asInt() >= 0);
    JsonNode sheet = planned(wilma, id, 1);
    JsonNode now = sheet.get("order");
    assertEquals(now.get("points"), plan.get("points"), "an order is worth what the plan said");
    assertTrue(songs(now).size() > 8, now.toString());
    assertEquals(lines(now).stream().filter(it -> it.has("pause")).count(), 1, "one break");
    assertTrue(songs(now).stream().anyMatch(it -> it.get("how").asString().equals("WALK_IN")));
    assertTrue(now.get("endsAt").asInt() <= 90 * 60);
    assertTrue(songs(now).stream().allMatch(it -> it.get("reasons").size() > 0));
    assertTrue(ok(wilma.get("/api/socials")).toString().contains("Barn dance"));

    // The third is to stay where it is; planned again, it does.
    List<JsonNode> before = songs(now);
    List<String> changed = new ArrayList<>();
    for (int i = 0; i < before.size(); i++) {
      int from = i == 2 ? before.size() - 2 : i == before.size() - 2 ? 2 : i;
      changed.add(song(before.get(from), i == 2));
    }
    sheet = ok(wilma.put(at + "/order", order(2, changed)));
    JsonNode third = songs(sheet.get("order")).get(2);
    assertTrue(third.get("stays").asBoolean());
    plan = ok(wilma.post(at + "/plan", ""));
    assertEquals(songs(plan).get(2).get("dances"), third.get("dances"));
    assertTrue(songs(plan).get(2).get("stays").asBoolean());

    // It begins late: the fourth is played first, the rest is planned from minute 20 on.
    Client tomas = coInstructor();
    JsonNode fourth = songs(sheet.get("order")).get(3);
    sheet = ok(tomas.post(at + "/play", play(3, fourth, 12 * 60)));
    assertEquals(songs(sheet.get("order")).getFirst().get("dances"), fourth.get("dances"));
    assertEquals(songs(sheet.get("order")).getFirst().get("begun").asInt(), 720);
    assertEquals(
        tomas.post(at + "/play", play(3, fourth, 12 * 60)).status(), 409, "an old version");
    JsonNode rest = ok(tomas.post(at + "/plan?now=1200", ""));
    List<JsonNode> toCome = songs(rest);
    assertEquals(toCome.get(0).get("begun").asInt(), 720);
    assertTrue(toCome.get(1).get("start").asInt() >= 1200);
    assertTrue(rest.get("endsAt").asInt() <= 90 * 60, "the hall closes when it closes");
    ok(
        tomas.put(
            at + "/order", order(4, toCome.stream().skip(1).map(it -> song(it, false)).toList())));
    ok(tomas.post(at + "/play", play(5, toCome.get(1), 1200)));
    sheet = ok(tomas.delete(at + "/play?version=6"));
    assertEquals(songs(sheet.get("order")).get(1).get("dances"), toCome.get(1).get("dances"));
    ok(tomas.post(at + "/play", play(7, toCome.get(1), 1260)));

    // What was danced is in the record of who danced it, once.
    String list = wilma.get(at + "/xspf").raw().body();
    assertTrue(list.contains("<trackList>"), list);
    assertEquals(tomas.post(at + "/record?version=8", "").status(), 403);
    ok(wilma.post(at + "/record?version=8", ""));
    assertEquals(wilma.post(at + "/record?version=9", "").status(), 409);
    assertEquals(tomas.post(at + "/play", play(9, toCome.get(2), 1500)).status(), 409);
    assertEquals(tomas.put(at + "/order", order(9, List.of())).status(), 409);
    Set<Long> who = new HashSet<>();
    fourth.get("who").forEach(it -> who.add(it.asLong()));
    long dance = fourth.get("dances").get(0).get("dance").asLong();
    Set<Long> written =
        StreamSupport.stream(ok(wilma.get("/api/taught?weeks=4")).spliterator(), false)
            .filter(it -> it.get("dance").asLong() == dance)
            .filter(it -> it.get("date").asString().equals("2026-11-21"))
            .filter(it -> it.at("/by/name").asString().equals("Wilma Otterspoor"))
            .map(it -> it.get("group").asLong())
            .collect(Collectors.toSet());
    assertEquals(written, who);
  }

  @Test
  public void whatCannotBeIsRefusedWithItsReason() {
    Client wilma = wilma();
    JsonNode made = ok(wilma.post("/api/socials", form("2027-03-06", 0)));
    long id = made.get("id").asLong();
    String at = "/api/socials/" + id;
    JsonNode sheet = planned(wilma, id, 1);
    JsonNode first = songs(sheet.get("order")).getFirst();
    String often = order(2, List.of(song(first, false), song(first, false), song(first, false)));
    assertTrue(wilma.put(at + "/order", often).raw().body().contains("too often"));
    String alone = Client.json("{'how':'SPLIT','dance':1,'other':null,'stays':false}");
    assertEquals(wilma.put(at + "/order", order(2, List.of(alone))).status(), 422);
    ok(wilma.post(at + "/play", play(2, first, 60)));
    assertTrue(wilma.post(at + "/record?version=3", "").raw().body().contains("once it has been"));
    String nobody = form("2027-03-06", 3).replaceAll("\"guests\":\\[.*?\\]", "\"guests\":[]");
    assertNotEquals(nobody, form("2027-03-06", 3));
    assertTrue(wilma.put(at, nobody).raw().body().contains("one at least"));
    String late = form("2027-03-06", 3).replace("\"at\":45", "\"at\":95");
    assertTrue(wilma.put(at, late).raw().body().contains("within the 90 minutes"));
    assertEquals(wilma.put(at, form("2027-03-06", 2)).status(), 409);
    sheet = ok(wilma.put(at, form("2027-03-07", 3)));
    assertEquals(
        songs(sheet.get("order")).getFirst().get("begun").asInt(), 60, "the songs are still there");
    Set<Integer> refused =
        List.of(-1, 100_000_000).stream()
            .map(it -> wilma.post(at + "/plan?now=" + it, "").status())
            .collect(Collectors.toSet());
    assertEquals(refused, Set.of(422));
    assertEquals(wilma.delete(at + "?version=4").status(), 204);
    assertEquals(wilma.get(at).status(), 404);
  }
}
