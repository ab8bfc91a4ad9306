package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A new club takes some of the dances that come with the program. */
public class StarterTest extends ServerTest {

  /** Sound, easy, the easiest first; a class can be planned from what was taken. */
  @Test
  public void theyAreEasyAndAreTakenOnce() {
    Installation.fresh()
        .open(port -> {
          Client ada = Installation.setUp(port, "Ada Brook", "first-evening");
          JsonNode all = ada.get("/api/starter-dances").body();
          assertEquals(all.size(), 12);
          assertEquals(all.get(0).get("level").asString(), "ABSOLUTE_BEGINNER");
          StringBuilder files = new StringBuilder();
          for (JsonNode one : all) {
            assertTrue(
                one.get("level").asString().endsWith("BEGINNER")
                    && !one.get("level").asString().equals("HIGH_BEGINNER"),
                one.toString());
            files
                .append(files.isEmpty() ? "'" : ",'")
                .append(one.get("file").asString())
                .append("'");
          }
          String body = Client.json("{'files':[" + files + "]}");
          assertEquals(ada.post("/api/starter-dances", body).body().get("taken").asInt(), 12);
          assertEquals(ada.post("/api/starter-dances", body).body().get("taken").asInt(), 0);
          for (JsonNode dance : ada.get("/api/dances").body()) {
            assertTrue(dance.get("sound").asBoolean(), dance.toString());
          }
          assertEquals(
              ada.post("/api/starter-dances", Client.json("{'files':['../../secret']}")).status(),
              404);
          ada.post(
              "/api/groups",
              Client.json(
                  "{'name':'Dockside','level':'ABSOLUTE_BEGINNER','weekday':'MONDAY','startsAt':'19:00',"
                      + "'minutes':60,'place':'','version':0}"));
          JsonNode first =
              ada.post("/api/classes", Client.json("{'group':1,'date':'2026-11-30','minutes':60}"))
                  .body();
          assertTrue(first.toString().contains("TEACH"), first.toString());
        });
  }
}
