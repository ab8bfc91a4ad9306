package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What a co-instructor may not change they propose, and an instructor takes it over. */
public class ProposalTest extends ServerTest {

  private static String form(String thing, JsonNode now, String base, String content) {
    return "{\"thing\":\"%s\",\"id\":%d,\"version\":%d,\"base\":%s,\"content\":%s,\"note\":\"why\"}"
        .formatted(
            thing,
            now.get("id").asLong(),
            now.get("version").asInt(),
            Client.quoted(base),
            Client.quoted(content));
  }

  private static String take(int version, String content) {
    return "{\"version\":%d,\"content\":%s}".formatted(version, Client.quoted(content));
  }

  @Test
  public void aDanceIsChangedByWhoTakesItOver() {
    Client tomas = coInstructor();
    Client wilma = wilma();
    JsonNode dance = ok(tomas.get("/api/dances/3"));
    String base = dance.get("stepText").asString();
    String content = base + "# mind the pivot\n";
    assertEquals(
        tomas
            .put(
                "/api/dances/3",
                "{\"stepText\":%s,\"version\":1}".formatted(Client.quoted(content)))
            .status(),
        403);
    JsonNode made = ok(tomas.post("/api/proposals", form("DANCE", dance, base, content)));
    String one = "/api/proposals/" + made.get("id").asLong();
    assertEquals(tomas.post(one + "/take", take(1, content)).status(), 403, "not by oneself");
    Client ines = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    assertFalse(ok(ines.get("/api/proposals")).toString().contains("mind the pivot"), "not hers");
    assertEquals(ines.delete(one).status(), 404);
    // Somebody changed it meanwhile: what comes too late is refused, and the proposal waits on.
    ok(
        wilma.put(
            "/api/dances/3",
            "{\"stepText\":%s,\"version\":%d}"
                .formatted(Client.quoted("# first\n" + base), dance.get("version").asInt())));
    assertEquals(
        wilma.post(one + "/take", take(dance.get("version").asInt(), content)).status(), 409);
    assertTrue(ok(wilma.get("/api/proposals")).at("/open").toString().contains("mind the pivot"));
    String both = "# first\n" + content;
    JsonNode taken = ok(wilma.post(one + "/take", take(dance.get("version").asInt() + 1, both)));
    assertEquals(taken.get("state").asString(), "TAKEN");
    assertEquals(ok(tomas.get("/api/dances/3")).get("stepText").asString(), both);
    assertEquals(wilma.post(one + "/take", take(9, both)).status(), 409, "once");
    assertEquals(
        ok(tomas.get("/api/proposals")).at("/decided/0/decidedBy/name").asString(),
        "Wilma Otterspoor");
  }

  @Test
  public void itIsDeclinedWithAWordOrWithdrawn() {
    Client tomas = coInstructor();
    JsonNode dance = ok(tomas.get("/api/dances/4"));
    String base = dance.get("stepText").asString();
    String form = form("DANCE", dance, base, base + "# other\n");
    String first = "/api/proposals/" + ok(tomas.post("/api/proposals", form)).get("id").asLong();
    JsonNode declined =
        ok(wilma().post(first + "/decline", Client.json("{'answer':'We keep it short.'}")));
    assertEquals(declined.get("answer").asString(), "We keep it short.");
    assertEquals(tomas.delete(first).status(), 409, "decided already");
    String next = "/api/proposals/" + ok(tomas.post("/api/proposals", form)).get("id").asLong();
    assertEquals(wilma().delete(next).status(), 403, "not hers to withdraw");
    assertEquals(tomas.delete(next).status(), 204);
    assertEquals(
        tomas.post("/api/proposals", form("DANCE", dance, base, base)).status(), 422, "no change");
    assertEquals(
        tomas.post("/api/proposals", form("GROUP", dance, "a", "b")).status(), 422, "not of this");
  }

  @Test
  public void aSongAndARunningOrderAreChangedAsTheirFormsAre() {
    Client tomas = coInstructor();
    Client wilma = wilma();
    JsonNode card = ok(tomas.get("/api/songs/1"));
    String title = card.at("/song/title").asString();
    String song =
        Client.json(
            "{'title':'%s','artist':'','bpm':'120','countRate':'1','length':'','intro':'','meter':'4/4','style':'','phrases':'','location':'Shelf 2','explicitWords':false,'version':0}"
                .formatted(title));
    String proposed = form("SONG", card, "{}", song);
    String one = "/api/proposals/" + ok(tomas.post("/api/proposals", proposed)).get("id").asLong();
    ok(wilma.post(one + "/take", take(card.get("version").asInt(), song)));
    assertEquals(ok(tomas.get("/api/songs/1")).get("location").asString(), "Shelf 2");

    JsonNode sheet = ok(tomas.get("/api/classes/3"));
    String order =
        Client.json(
            "{'version':0,'minutes':%d,'lines':[{'minutes':9,'kind':'BREAK','title':'Tea'}]}"
                .formatted(sheet.get("minutes").asInt()));
    assertEquals(tomas.put("/api/classes/3", order).status(), 403, "Ines leads it");
    String other =
        "/api/proposals/"
            + ok(tomas.post("/api/proposals", form("CLASS", sheet, "{}", order)))
                .get("id")
                .asLong();
    ok(wilma.post(other + "/take", take(sheet.get("version").asInt(), order)));
    assertEquals(ok(tomas.get("/api/classes/3")).at("/lines/0/title").asString(), "Tea");
    String broken =
        "/api/proposals/"
            + ok(tomas.post("/api/proposals", form("SONG", card, "{}", "{\"x\":1}")))
                .get("id")
                .asLong();
    assertEquals(wilma.post(broken + "/take", take(2, "{\"x\":1}")).status(), 422);
  }
}
