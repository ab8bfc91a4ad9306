package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Whoever takes a class reads what happened since they last led, and asks whoever led before. */
public class BriefTest extends ServerTest {

  private String thursday(Client who) {
    for (JsonNode coming : ok(who.get("/api/classes")).get("coming")) {
      if (coming.get("groupName").asString().equals("Thursday Turners")) {
        return "/api/classes/" + coming.at("/planned/id").asLong() + "/brief";
      }
    }
    throw new AssertionError("The demo club has no Thursday");
  }

  @Test
  public void aCoInstructorWhoWasAwayReadsWhatHappened() {
    Client ines = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    JsonNode brief = ok(ines.get(thursday(ines)));
    String summary = brief.get("summary").toString();
    assertTrue(
        summary.startsWith("[\"You last led them") || summary.startsWith("[\"You have not"),
        summary);
    assertTrue(summary.contains("Planned: "), summary);
    assertTrue(brief.get("since").size() > 0, "something happened since");
    assertEquals(
        brief
            .get("dances")
            .valueStream()
            .mapToLong(it -> it.get("dance").asLong())
            .distinct()
            .count(),
        brief.get("dances").size(),
        "each dance once");
    int planned = brief.get("plan").valueStream().mapToInt(it -> it.get("minutes").asInt()).sum();
    assertEquals(planned, brief.get("minutes").asInt());
    int words = 0;
    for (JsonNode sentence : brief.get("summary")) {
      words += sentence.asString().split("\\s+").length;
    }
    assertTrue(words < 200, words + " words");
    // Another one reads another one: Wilma led them since.
    assertFalse(
        ok(wilma().get(thursday(ines))).get("summary").get(0).equals(brief.at("/summary/0")));
  }

  @Test
  public void aQuestionIsAnsweredThereByWhoWasAsked() {
    Client tomas = coInstructor();
    Client ines = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    String brief = thursday(tomas);
    String ask = "{'text':'Which way did the restart face?','asked':{'id':4}}";
    JsonNode note = ok(tomas.post(brief + "/notes", Client.json(ask))).at("/notes/0");
    assertEquals(note.at("/asked/name").asString(), "Ines Kallas");
    assertTrue(note.get("mine").asBoolean());
    assertFalse(note.get("mayAnswer").asBoolean());
    String one = brief + "/notes/" + note.get("id").asLong();
    String answer = "{'text':'Six o’clock, every time.'}";
    assertEquals(tomas.put(one, Client.json(answer)).status(), 403, "he was not asked");
    JsonNode answered = ok(ines.put(one, Client.json(answer))).at("/notes/0");
    assertEquals(answered.get("answer").asString(), "Six o’clock, every time.");
    assertEquals(answered.at("/answeredBy/name").asString(), "Ines Kallas");
    assertEquals(ines.put(one, Client.json(answer)).status(), 409, "once");
    assertEquals(ines.delete(one).status(), 403, "not hers");
    ok(tomas.delete(one));
    assertEquals(tomas.delete(one).status(), 404);
    assertEquals(
        tomas.post(brief + "/notes", Client.json("{'text':'x','asked':{'id':99}}")).status(), 422);
    assertEquals(viewer().get(brief).status(), 403, "there are names in it");
  }
}
