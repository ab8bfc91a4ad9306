package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A teach that one person puts together is opened and changed by another. */
public class SavedTeachTest extends ServerTest {

  private static final String TEXT =
      "title: Shared\nstart: weight L\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n"
          + "section 2\n1-4  rocking chair R\n5-8  jazz box R 1/4 R\n";

  private static String teach(int version, String drills) {
    return Client.json(
        "{'teach':{'group':1,'minutes':12,'drills':[%s]},'school':'PAIRS','version':%d}"
            .formatted(drills, version));
  }

  private static String drill(int section) {
    return "{'scope':{'kind':'SECTION','from':%1$d,'to':%1$d},'mode':'COUNTS','percent':70,"
            .formatted(section)
        + "'repetitions':3,'locked':true}";
  }

  @Test
  public void oneBuildsAndAnotherGoesOn() {
    Client tomas = coInstructor();
    Client oda = instructor();
    String body = "{\"stepText\":" + Client.quoted(TEXT) + "}";
    long id = oda.post("/api/dances", body).body().get("id").asLong();
    String address = "/api/dances/" + id + "/teach/saved";
    assertTrue(oda.get(address + "?group=1").body().path("saved").isMissingNode());

    JsonNode first = tomas.put(address, teach(0, drill(1) + "," + drill(2))).body();
    assertEquals(first.at("/saved/version").asInt(), 1);
    JsonNode seen = oda.get(address + "?group=1").body();
    assertEquals(seen.at("/saved/madeBy/name").asString(), "Tomas Brandl");
    assertEquals(seen.at("/saved/drills/1/scope/from").asInt(), 2);
    assertEquals(seen.at("/saved/drills/1/locked").asBoolean(), true);

    assertEquals(oda.put(address, teach(1, drill(2))).status(), 200);
    Client.Answer late = tomas.put(address, teach(1, drill(1)));
    assertEquals(late.status(), 409);
    assertTrue(late.detail().contains("Oda Marsh"), late.detail());
    assertEquals(tomas.put(address, teach(0, drill(1))).status(), 409, "nor as a new one");

    // A section is put in before: the drills follow theirs; one whose section goes is left out.
    String moved =
        TEXT.replace("section 2", "section 3")
            .replace("section 1\n", "section 1\n1-8  K step R\nsection 2\n");
    oda.put("/api/dances/" + id, "{\"version\":1,\"stepText\":" + Client.quoted(moved) + "}");
    JsonNode after = tomas.get(address + "?group=1").body();
    assertEquals(after.at("/saved/drills/0/scope/from").asInt(), 3);
    assertEquals(after.at("/saved/danceVersion").asInt(), 1);
    String cut = TEXT.substring(0, TEXT.indexOf("section 2"));
    oda.put("/api/dances/" + id, "{\"version\":2,\"stepText\":" + Client.quoted(cut) + "}");
    assertEquals(tomas.get(address + "?group=1").body().at("/saved/gone").asInt(), 1);

    assertEquals(oda.put(address, teach(2, drill(7))).status(), 422, "no such section");
    assertEquals(oda.delete(address + "?group=1&version=1").status(), 409);
    assertEquals(oda.delete(address + "?group=1&version=2").status(), 204);
    assertTrue(tomas.get(address + "?group=1").body().path("saved").isMissingNode());
    assertEquals(tomas.put(address, teach(0, drill(1))).body().at("/saved/version").asInt(), 1);
  }

  @Test
  public void theClassLineSaysThatThereIsOne() {
    Client oda = instructor();
    for (JsonNode coming : oda.get("/api/classes").body().get("coming")) {
      for (JsonNode line : coming.at("/planned/lines")) {
        if (line.get("kind").asString().equals("TEACH") && coming.get("group").asLong() == 1) {
          String address = "/api/dances/" + line.get("dance").asLong() + "/teach/saved";
          assertEquals(coInstructor().put(address, teach(0, drill(1))).status(), 200);
          JsonNode sheet = oda.get("/api/classes/" + coming.at("/planned/id").asLong()).body();
          assertTrue(
              sheet.toString().contains("\"teachBy\":{\"id\":3,\"name\":\"Tomas Brandl\"}"),
              sheet.toString());
          return;
        }
      }
    }
    throw new AssertionError("No teach is planned");
  }
}
