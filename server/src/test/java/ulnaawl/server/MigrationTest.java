package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * A database that the release before versions wrote: the demo club of 24 November 2026, with one
 * class written down, one order changed by hand, two marks, a time taken, a word chosen, and one
 * dance changed.
 */
@DirtiesContext
@TestPropertySource(properties = {"ulna.demo=false", "ulna.data=${ulna.test.old}"})
public class MigrationTest extends ServerTest {

  @DynamicPropertySource
  static void old(DynamicPropertyRegistry registry) {
    String folder = unpacked();
    registry.add("ulna.test.old", () -> folder);
  }

  private static String unpacked() {
    String name = "/releases/before-versions.mv.db.gz";
    try (InputStream packed =
        Objects.requireNonNull(MigrationTest.class.getResourceAsStream(name), name)) {
      Path folder = Files.createTempDirectory("ulna-old");
      Files.copy(new GZIPInputStream(packed), folder.resolve("ulna-awl.mv.db"));
      return folder.toString();
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  @Test
  public void everythingIsStillThere() {
    Client oda = instructor();
    assertEquals(oda.get("/api/dances").body().size(), 24);
    assertEquals(oda.get("/api/groups").body().size(), 3);
    assertTrue(oda.get("/api/songs").body().size() > 20);
    JsonNode dance = oda.get("/api/dances/6").body();
    assertEquals(dance.get("version").asInt(), 2);
    assertTrue(dance.get("stepText").asString().endsWith("# kept short\n"));
    assertTrue(dance.at("/reading/sound").asBoolean());
  }

  @Test
  public void theRecordReadsAsBefore() {
    JsonNode group = coInstructor().get("/api/groups/2").body();
    JsonNode corner =
        group
            .get("dances")
            .valueStream()
            .filter(one -> one.get("dance").asLong() == 6)
            .findFirst()
            .orElseThrow();
    assertEquals(corner.get("stage").asString(), "STARTED");
    assertEquals(corner.get("shown").toString(), "[1,2,3]");
    JsonNode entries = corner.get("entries");
    assertEquals(
        entries.get(entries.size() - 1).get("note").asString(), "Section 3 pivots too early");
    JsonNode recorded = coInstructor().get("/api/classes/2").body();
    assertTrue(recorded.get("recorded").asBoolean());
    assertEquals(recorded.get("written").size(), 3);
    assertEquals(recorded.get("note").asString(), "Full hall");
  }

  @Test
  public void reasonsOfThenAreShownAsTheyWereSaid() {
    JsonNode lines = coInstructor().get("/api/classes/3").body().get("lines");
    assertEquals(lines.size(), 10);
    assertEquals(lines.at("/1/reasons/0/code").asString(), "said-then");
    assertTrue(lines.at("/1/reasons/0/text").asString().startsWith("Due today, practised"));
    assertEquals(lines.at("/1/changedBy/name").asString(), "Oda Marsh");
  }

  @Test
  public void marksTimesAndWordsAreCarriedOver() {
    Client oda = instructor();
    JsonNode options = oda.get("/api/dances/6/teach/options?group=2").body();
    assertEquals(options.at("/watchOuts/0/section").asInt(), 3);
    assertEquals(options.at("/watchOuts/0/note").asString(), "weight after the pivot");
    JsonNode teach = oda.get("/api/dances/6/teach?group=2&minutes=20").body();
    assertEquals(teach.get("timesTaken").asInt(), 1);
    JsonNode vine =
        oda.get("/api/figures")
            .body()
            .valueStream()
            .filter(one -> one.get("name").asString().equals("vine"))
            .findFirst()
            .orElseThrow();
    assertEquals(vine.get("call").asString(), "grapevine");
    assertEquals(vine.at("/chosenBy/name").asString(), "Oda Marsh");
  }

  /** What is written next gets numbers of its own, and points to versions. */
  @Test
  public void lifeGoesOn() {
    Client oda = instructor();
    String change =
        "{\"version\":1,\"stepText\":"
            + Client.quoted(
                oda.get("/api/dances/15").body().get("stepText").asString() + "\n# again\n")
            + "}";
    assertEquals(oda.put("/api/dances/15", change).status(), 200);
    assertEquals(
        oda.post("/api/classes", Client.json("{'group':2,'date':'2026-12-01','minutes':75}"))
            .status(),
        201);
    assertEquals(oda.post("/api/dances", "{\"stepText\":\"title: New\"}").status(), 201);
    assertFalse(oda.get("/api/history/DANCE/15").body().isEmpty());
  }
}
