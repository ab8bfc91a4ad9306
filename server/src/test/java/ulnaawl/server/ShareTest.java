package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Links show one thing to people without an account, for as long as they are good. */
public class ShareTest extends ServerTest {

  private String word(Client by, String what) {
    String form = Client.json("{%s,'days':7}".formatted(what));
    return ok(by.post("/api/shares", form)).get("word").asString();
  }

  private Client.Answer look(String word) {
    return nobody().getWith("/api/shared", "X-Share-Word", word);
  }

  @DataProvider
  public Object[][] kinds() {
    return new Object[][] {
      {"'kind':'SHEET','dance':1", "dance"},
      {"'kind':'CALLS','dance':1", "walls"},
      {"'kind':'TEACH','dance':1,'group':1,'minutes':20", "teach"},
      {"'kind':'PLAN','classId':1", "plan"},
      {"'kind':'PRACTICE','dance':1", ""},
      {"'kind':'LEARNED','group':1,'since':'2026-01-01'", "learned"},
      {"'kind':'POLL','group':1", "poll"}
    };
  }

  @Test(dataProvider = "kinds")
  public void eachShowsItsThingAndNoOther(String what, String part) {
    JsonNode shown = ok(look(word(wilma(), what)));
    List<String> parts =
        List.of("dance", "walls", "teach", "plan", "learned", "poll").stream()
            .filter(shown::has)
            .toList();
    assertEquals(parts, part.isEmpty() ? List.of() : List.of(part), what);
    String all = shown.toString();
    for (String name : names()) {
      assertFalse(all.contains(name), name + " stands in " + what);
    }
    int practice =
        nobody().getWith("/api/shared/run-through", "X-Share-Word", word(wilma(), what)).status();
    assertEquals(practice == 200, what.contains("PRACTICE"), what + " gave " + practice);
  }

  /** Dancers, those who asked, and colleagues. */
  private Set<String> names() {
    Client oda = instructor();
    Set<String> names = new HashSet<>(List.of("Oda Marsh", "Wilma", "Tomas Brandl", "Ines Kallas"));
    for (int group = 1; group <= 3; group++) {
      ok(oda.get("/api/groups/" + group + "/register"))
          .get("dancers")
          .forEach(it -> names.add("\"" + it.get("name").asString()));
      ok(oda.get("/api/groups/" + group + "/requests"))
          .forEach(it -> names.add("\"" + it.get("askedBy").asString()));
    }
    assertTrue(names.size() > 8, names.toString());
    return names;
  }

  @Test
  public void aLinkIsTakenBackByWhoMadeItOrAnOwner() {
    Client wilma = wilma();
    String word = word(wilma, "'kind':'SHEET','dance':2");
    assertEquals(word.length(), 32, "128 bits");
    ok(look(word));
    JsonNode seen = ok(wilma.get("/api/shares"));
    assertTrue(seen.get(0).has("lastUsed"), seen.toString());
    assertFalse(seen.toString().contains(word), "no copy is kept");
    long id = seen.get(0).get("id").asLong();
    assertEquals(join(instructor(), "Sven Quist", "INSTRUCTOR", PASSWORD).status(), 201);
    Client sven = Client.signedIn(port(), "Sven Quist", PASSWORD);
    assertEquals(ok(sven.get("/api/shares")).size(), 0, "another one's links are not his");
    assertEquals(sven.delete("/api/shares/" + id).status(), 403);
    assertTrue(ok(instructor().get("/api/shares")).toString().contains("\"id\":" + id));
    assertEquals(instructor().delete("/api/shares/" + id).status(), 204);
    assertEquals(look(word).status(), 404);
    assertEquals(wilma.delete("/api/shares/" + id).status(), 404);
  }

  @Test
  public void aWordOpensNothingElse() {
    String word = word(wilma(), "'kind':'SHEET','dance':1");
    List<String> others =
        new ArrayList<>(List.of("", "0".repeat(32), word.toUpperCase(java.util.Locale.ROOT)));
    others.add(word.substring(1));
    for (String other : others) {
      assertTrue(look(other).status() >= 400, other);
    }
    Client guest = nobody();
    for (String path : List.of("/api/dances/1", "/api/classes", "/api/groups/1", "/api/shares")) {
      assertEquals(guest.getWith(path, "X-Share-Word", word).status(), 401, path);
    }
    assertEquals(
        wilma().post("/api/shares", Client.json("{'kind':'TEACH','dance':1,'days':7}")).status(),
        422);
    assertEquals(
        wilma().post("/api/shares", Client.json("{'kind':'SHEET','dance':999,'days':7}")).status(),
        404);
    assertEquals(
        wilma().post("/api/shares", Client.json("{'kind':'SHEET','dance':1,'days':999}")).status(),
        422);
    String more = word(wilma(), "'kind':'SHEET','dance':1,'group':987,'classId':-1,'minutes':-5");
    ok(look(more));
    assertEquals(look(word).raw().headers().firstValue("Cache-Control").orElse(""), "no-store");
  }

  private int vote(String word, String device, String dances) {
    String body = Client.json("{'device':'" + device + "','dances':" + dances + "}");
    return nobody().postWith("/api/shared/vote", body, "X-Share-Word", word).status();
  }

  @Test
  public void aDeviceHasOneVoteAndWhatIsCountedIsAskedFor() {
    Client wilma = wilma();
    String word = word(wilma, "'kind':'POLL','group':2");
    JsonNode offered = ok(look(word)).get("poll").get("dances");
    assertTrue(offered.size() > 5, offered.toString());
    long first = offered.get(0).get("dance").asLong();
    long second = offered.get(1).get("dance").asLong();
    String mine = "0123456789abcdef0123456789abcdef";
    String yours = "fedcba9876543210fedcba9876543210";
    assertEquals(vote(word, mine, "[" + first + "]"), 204);
    assertEquals(vote(word, mine, "[" + first + "," + second + "]"), 204);
    assertEquals(vote(word, yours, "[" + second + "]"), 204);
    assertEquals(vote(word, yours, "[1,2,3,4]"), 422, "more than three");
    assertEquals(vote(word, yours, "[999999]"), 422, "not in the poll");
    assertEquals(vote(word, "short", "[]"), 422);
    assertEquals(vote(word(wilma, "'kind':'SHEET','dance':1"), mine, "[]"), 404);
    JsonNode poll = ok(wilma.get("/api/groups/2/polls")).get(0);
    assertEquals(poll.get("devices").asInt(), 2);
    assertEquals(poll.get("ticked").get(0).get("dance").asLong(), second);
    assertEquals(poll.get("ticked").get(0).get("votes").asInt(), 2);
    assertEquals(poll.get("ticked").get(1).get("votes").asInt(), 1);
    String count = "/api/groups/2/polls/" + poll.get("id").asLong() + "/count";
    assertEquals(coInstructor().post(count, "").status(), 403);
    assertEquals(wilma.post(count, "").status(), 204);
    assertEquals(wilma.post(count, "").status(), 404, "once");
    assertEquals(vote(word, mine, "[]"), 404, "it is closed");
    String asked = ok(wilma.get("/api/groups/2/requests")).toString();
    assertTrue(asked.contains("\"askedBy\":\"the poll\",\"people\":2"), asked);
  }
}
