package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.util.HashSet;
import java.util.Set;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Teaches through the API: schools, own orders, marks, calls, the time they took, the ladder. */
public class TeachingTest extends ServerTest {

  private static String dance(Client client, String title) {
    for (JsonNode one : client.get("/api/dances").body()) {
      if (one.path("title").asString("").equals(title)) {
        return "/api/dances/" + one.get("id").asLong();
      }
    }
    throw new AssertionError(title);
  }

  private static long group(Client client, String name) {
    for (JsonNode one : client.get("/api/groups").body()) {
      if (one.path("name").asString("").equals(name)) {
        return one.get("id").asLong();
      }
    }
    throw new AssertionError(name);
  }

  /** Three dances, two groups, all schools: different, in time, and each drill adds something. */
  @Test
  public void allSchoolsGiveDifferentTeaches() {
    Client tomas = coInstructor();
    for (String title : new String[] {"Slate Roof", "Nine Umbrellas", "Old Postcards"}) {
      for (String name : new String[] {"Tuesday Steppers", "Thursday Turners"}) {
        String address = dance(tomas, title);
        long group = group(tomas, name);
        JsonNode options = tomas.get(address + "/teach/options?group=" + group).body();
        assertEquals(options.get("schools").size(), 7);
        assertFalse(options.at("/why/text").asString().isBlank());
        Set<String> orders = new HashSet<>();
        for (JsonNode school : options.get("schools")) {
          JsonNode teach =
              tomas
                  .get(
                      address
                          + "/teach?minutes=40&group="
                          + group
                          + "&school="
                          + school.get("school").asString())
                  .body();
          StringBuilder order = new StringBuilder();
          for (JsonNode drill : teach.get("drills")) {
            order.append(drill.get("label").asString()).append(drill.get("mode").asString());
            assertEquals(drill.get("ready").size(), teach.get("pieces").size());
            assertFalse(drill.get("say").isEmpty());
          }
          orders.add(order.toString());
          assertTrue(teach.get("seconds").asInt() <= 40 * 60, title + teach.get("school"));
        }
        assertEquals(orders.size(), 7, title);
      }
    }
  }

  @Test
  public void anOwnOrderIsFittedAroundWhatIsLocked() {
    Client tomas = coInstructor();
    String address = dance(tomas, "Paper Lanterns");
    long group = group(tomas, "Thursday Turners");
    String body =
        Client.json(
            ("{'group':%d,'minutes':10,'drills':["
                    + "{'scope':{'kind':'SECTION','from':2,'to':2},'mode':'WORDS','percent':100,"
                    + "'repetitions':1,'locked':false},"
                    + "{'scope':{'kind':'JOIN','from':2,'to':3},'mode':'COUNTS','percent':60,"
                    + "'repetitions':7,'locked':true},"
                    + "{'scope':{'kind':'EVENT','from':2,'to':2,'event':{'kind':'TAG','name':'Lull'}},'mode':'COUNTS',"
                    + "'percent':70,'repetitions':1,'locked':false}]}")
                .formatted(group));
    JsonNode teach = tomas.post(address + "/teach", body).body();
    assertEquals(teach.at("/drills/1/repetitions").asInt(), 7);
    assertEquals(teach.at("/drills/1/label").asString(), "Join: 2 into 3");
    assertTrue(teach.get("seconds").asInt() <= 600);
    assertTrue(teach.at("/rest/text").asString().startsWith("Not danced yet"));
    Client.Answer pdf = tomas.post(address + "/teach/pdf", body);
    assertEquals(pdf.status(), 200);
    assertTrue(pdf.raw().body().startsWith("%PDF"));
  }

  @Test
  public void marksAreSharedAndTeachesFollowThem() {
    Client tomas = coInstructor();
    String address = dance(tomas, "Copper Sky");
    long group = group(tomas, "Monday Newcomers");
    assertEquals(
        tomas
            .put(address + "/watch-outs/2", Client.json("{'note':'left foot is free','version':0}"))
            .status(),
        204);
    assertEquals(
        tomas.put(address + "/watch-outs/99", Client.json("{'note':'','version':0}")).status(),
        422);
    Client oda = instructor();
    JsonNode options = oda.get(address + "/teach/options?group=" + group).body();
    assertEquals(options.at("/watchOuts/0/by/name").asString(), "Tomas Brandl");
    JsonNode teach = oda.get(address + "/teach?school=ADD_ON&minutes=40&group=" + group).body();
    assertTrue(teach.toString().contains("Watch out: left foot is free"));
    assertEquals(oda.delete(address + "/watch-outs/2?version=1").status(), 204);
    assertFalse(
        oda.get(address + "/teach?school=ADD_ON&minutes=40&group=" + group)
            .raw()
            .body()
            .contains("Watch out"));
  }

  @Test
  public void theTimeThatItTookIsLearned() {
    Client oda = instructor();
    String address = dance(oda, "High Tide");
    long group = group(oda, "Thursday Turners");
    String teach = address + "/teach?school=PAIRS&minutes=60&group=" + group;
    int before = oda.get(teach).body().get("classPercent").asInt();
    assertEquals(before, 150);
    String took =
        Client.json(
            "{'dance':%s,'group':%d,'plannedSeconds':600,'classPercent':150,'minutes':14}"
                .formatted(address.replaceAll("\\D", ""), group));
    for (int i = 0; i < 3; i++) {
      assertEquals(oda.post("/api/teach-times", took).status(), 204);
    }
    JsonNode after = oda.get(teach).body();
    // 14 minutes for 10: 210 %; three teaches weigh as much as the usual pace.
    assertEquals(after.get("classPercent").asInt(), (3 * 210 + 3 * 150) / 6);
    assertEquals(after.get("timesTaken").asInt(), 3);
  }

  @Test
  public void callsOfAPace() {
    Client tomas = coInstructor();
    String address = dance(tomas, "Paper Lanterns");
    long group = group(tomas, "Tuesday Steppers");
    JsonNode cues = tomas.get(address + "/cues?style=NAMES&percent=70&group=" + group).body();
    assertEquals(cues.at("/0/cues/0/text").asString(), "vine right");
    assertNotEquals(
        cues, tomas.get(address + "/cues?style=STEPS&percent=70&group=" + group).body());
    assertEquals(tomas.get(address + "/cues?percent=10&group=" + group).status(), 422);
  }
}
