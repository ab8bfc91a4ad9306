package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The change log: what was done to what, by whom, from which version to which. */
public class ChangeLogTest extends ServerTest {

  private static List<String> log(Client client, String thing, long id) {
    return client
        .get("/api/history/" + thing + "/" + id)
        .body()
        .valueStream()
        .map(it ->
            "%s %s %d-%d"
                .formatted(
                    it.at("/by/name").asString(),
                    it.get("action").asString(),
                    it.get("fromVersion").asInt(),
                    it.get("toVersion").asInt()))
        .toList();
  }

  private static long added(Client client, String title) {
    String body = text(title, 0).replace("\"version\":0,", "");
    return client.post("/api/dances", body).body().get("id").asLong();
  }

  private static String text(String title, int version) {
    String text = "title: " + title + "\nstart: weight L\nsection 1\n1-4  vine R, touch L\n";
    return "{\"version\":" + version + ",\"stepText\":" + Client.quoted(text) + "}";
  }

  @Test
  public void everyChangeOfADanceIsThereTheNewestFirst() {
    Client oda = instructor();
    Client wilma = Client.signedIn(port(), "Wilma Otterspoor", PASSWORD);
    long id = added(oda, "One");
    String address = "/api/dances/" + id;
    assertEquals(wilma.put(address, text("Two", 1)).status(), 200);
    assertEquals(oda.put(address, text("Nobody", 1)).status(), 409);
    oda.post(address + "/bring-back", Client.json("{'version':2,'to':1}"));
    wilma.delete(address + "?version=3");
    oda.post(address + "/bring-back", Client.json("{'version':3,'to':2}"));
    assertEquals(
        log(coInstructor(), "DANCE", id),
        List.of(
            "Oda Marsh BROUGHT_BACK 3-4",
            "Wilma Otterspoor ARCHIVED 3-3",
            "Oda Marsh BROUGHT_BACK 2-3",
            "Wilma Otterspoor CHANGED 1-2",
            "Oda Marsh ADDED 0-1"));
    JsonNode newest = oda.get("/api/history/DANCE/" + id).body().get(0);
    assertEquals(newest.get("subject").asString(), "Two");
    assertEquals(newest.at("/differences/0/was").asString(), "title: One");
    assertEquals(newest.at("/differences/0/now").asString(), "title: Two");
  }

  @Test
  public void aClassTellsOfPlanRecordAndWhatWasTakenBack() {
    Client tomas = coInstructor();
    long id =
        tomas
            .post("/api/classes", Client.json("{'group':2,'date':'2026-10-06','minutes':60}"))
            .body()
            .get("id")
            .asLong();
    String address = "/api/classes/" + id;
    tomas.post(address + "/record", Client.json("{'version':1,'note':'','lines':[]}"));
    tomas.delete(address + "/record?version=2");
    tomas.post(address + "/plan", Client.json("{'version':3,'minutes':45}"));
    tomas.delete(address + "?version=4");
    assertEquals(
        log(tomas, "CLASS", id),
        List.of(
            "Tomas Brandl ARCHIVED 4-4",
            "Tomas Brandl CHANGED 3-4",
            "Tomas Brandl TAKEN_BACK 2-3",
            "Tomas Brandl RECORDED 1-2",
            "Tomas Brandl ADDED 0-1"));
    JsonNode planned = tomas.get("/api/history/CLASS/" + id).body().get(1);
    assertEquals(planned.at("/differences/0/was").asString(), "class of 60 minutes");
    assertEquals(planned.at("/differences/0/now").asString(), "class of 45 minutes");
  }

  /** What was refused, and what was only looked at, leaves nothing behind. */
  @Test
  public void onlyWhatWasDoneIsLogged() {
    Client oda = instructor();
    long id = added(oda, "Quiet");
    String address = "/api/dances/" + id;
    oda.get(address);
    oda.get(address + "/walls");
    oda.put(address, "{\"version\":1,\"stepText\":null}");
    oda.put(address, text("Stale", 9));
    coInstructor().put(address, text("Not allowed", 1));
    coInstructor().delete(address + "?version=1");
    assertEquals(log(oda, "DANCE", id), List.of("Oda Marsh ADDED 0-1"));
  }

  @Test
  public void peopleAndNonsenseAreNotShown() {
    Client tomas = coInstructor();
    assertEquals(tomas.get("/api/history/PERSON/1").status(), 404);
    assertEquals(tomas.get("/api/history/PERSON").status(), 404);
    assertEquals(tomas.get("/api/history/NONSENSE/1").status(), 400);
    assertEquals(tomas.get("/api/history/DANCE/x").status(), 400);
    assertEquals(tomas.get("/api/history/DANCE/999999").body().size(), 0);
    Client.Answer unknown =
        instructor().post("/api/dances/1/bring-back", Client.json("{'version':1,'to':77}"));
    assertEquals(unknown.status(), 404);
    assertTrue(unknown.detail().contains("This version"), unknown.detail());
  }
}
