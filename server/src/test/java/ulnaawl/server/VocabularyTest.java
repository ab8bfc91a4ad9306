package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The club's words, own figures and levels through the API, and the help while writing. */
public class VocabularyTest extends ServerTest {

  private static String text(String stepText) {
    return "{\"stepText\":" + Client.quoted(stepText) + "}";
  }

  @Test
  public void theClubsWordIsShownEverywhereAndEveryNameIsUnderstood() {
    Client oda = instructor();
    assertEquals(
        oda.put("/api/figures/vine/word", Client.json("{'word':'grapevine','before':'vine'}"))
            .status(),
        204);
    assertEquals(
        oda.put("/api/figures/vine/word", Client.json("{'word':'creeper','before':'grapevine'}"))
            .status(),
        422);
    assertEquals(
        oda.put("/api/figures/flop/word", Client.json("{'word':'x','before':'y'}")).status(), 404);
    JsonNode reading =
        coInstructor()
            .post("/api/writing/check", text("title: T\nsection 1\n1-4  vine R, touch L\n"))
            .body();
    assertEquals(reading.at("/sections/0/places/0/call").asString(), "grapevine right");
    JsonNode tidy =
        oda.post("/api/writing/format", text("title: T\nsection 1\n1-4 VINE right, touch L"))
            .body();
    assertEquals(
        tidy.get("stepText").asString(), "title: T\n\nsection 1\n1-4    grapevine R, touch L\n");
    assertEquals(
        oda.put("/api/figures/vine/word", Client.json("{'word':'vine','before':'vine'}")).status(),
        409,
        "a colleague has chosen another one in the meantime");
    assertEquals(
        oda.put("/api/figures/vine/word", Client.json("{'word':'vine','before':'grapevine'}"))
            .status(),
        204);
  }

  @Test
  public void ownFiguresAndLevelsAreCheckedKeptAndUsed() {
    Client oda = instructor();
    String figure =
        "figure barn turn\n  level beginner\n  rhythm 1 2\n  steps F step side, O step together\n"
            + "  turn on 2 default 1/4 toward\n  say Step aside, close as you turn.\n";
    String body = "{\"version\":0,\"text\":" + Client.quoted(figure) + "}";
    assertEquals(oda.put("/api/figures/club/own-figures", body).status(), 200);
    assertEquals(oda.put("/api/figures/club/own-figures", body).status(), 409);
    Client.Answer wrong =
        oda.put(
            "/api/figures/club/own-figures",
            "{\"version\":1,\"text\":\"figure vine\\n  steps F step side\\n\"}");
    assertEquals(wrong.status(), 422);
    assertTrue(wrong.detail().contains("called 'vine'"), wrong.detail());
    String dance = "title: Barn\nwalls: 4\nsection 1\n1-2  barn turn R\n";
    JsonNode reading = coInstructor().post("/api/writing/check", text(dance)).body();
    assertEquals(reading.get("turn").asInt(), 2);
    assertTrue(reading.get("sound").asBoolean(), reading.toString());

    assertEquals(
        oda.put("/api/figures/club/level-table", "{\"version\":0,\"text\":\"length 60 1 16 60\"}")
            .status(),
        200);
    JsonNode harder = oda.post("/api/writing/check", text(dance)).body();
    assertEquals(harder.at("/level/measured").asString(), "ADVANCED");
    assertEquals(
        oda.put("/api/figures/club/level-table", "{\"version\":1,\"text\":\"width 1 1 1 1\"}")
            .status(),
        422);
    assertEquals(
        oda.put("/api/figures/club/level-table", "{\"version\":1,\"text\":\"\"}").status(), 200);
    assertEquals(
        oda.put("/api/figures/club/own-figures", "{\"version\":1,\"text\":\"\"}").status(), 200);
  }

  @Test
  public void helpsWhileWriting() {
    Client ines = coInstructor();
    String dance = "title: H\nstart: weight L\nsection 1\n1-4  vine R, touch L\n";
    JsonNode possible =
        ines.post(
                "/api/writing/possible",
                "{\"offset\":" + dance.length() + ",\"stepText\":" + Client.quoted(dance) + "}")
            .body();
    assertEquals(possible.get("weight").asString(), "R");
    assertEquals(possible.get("countsLeft").asInt(), 4);
    assertFalse(possible.get("offers").isEmpty());
    for (JsonNode offer : possible.get("offers")) {
      boolean hops = offer.get("text").asString().matches("(hop|scoot) R");
      assertTrue(hops || !offer.get("text").asString().endsWith(" R"), offer.toString());
    }
    JsonNode ordered =
        ines.post(
                "/api/writing/order",
                "{\"section\":1,\"order\":[{\"run\":1},{\"run\":0},{\"item\":\"heel L\"}],\"stepText\":"
                    + Client.quoted(dance)
                    + "}")
            .body();
    assertEquals(
        ordered.get("stepText").asString(),
        "title: H\nstart: weight L\nsection 1\n1      touch R\n2-4    vine R\n5      heel L\n");
    assertEquals(
        ines.post("/api/writing/format", text("title: X\nsection 1\n1-4  vyne R\n")).status(), 422);
  }

  @Test
  public void theFigureBookIsThere() {
    JsonNode figures = coInstructor().get("/api/figures").body();
    assertTrue(figures.size() >= 120);
    assertTrue(
        coInstructor()
            .get("/api/figures/club")
            .body()
            .get("standardLevelTable")
            .asString()
            .contains("syncopation"));
  }
}
