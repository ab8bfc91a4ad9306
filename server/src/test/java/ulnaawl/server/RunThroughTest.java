package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Run-throughs: any scope, with its speeds and their rule, sounds and files. */
public class RunThroughTest extends ServerTest {

  private static String lanterns(Client client) {
    return client
        .get("/api/dances")
        .body()
        .valueStream()
        .filter(it -> it.get("title").asString().equals("Paper Lanterns"))
        .map(it -> "/api/dances/" + it.get("id").asLong() + "/run-through")
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void everyScopeThatIsOfferedCanBeDanced() {
    Client tomas = coInstructor();
    String address = lanterns(tomas);
    JsonNode first = tomas.get(address).body();
    assertEquals(first.at("/scope/kind").asString(), "WALLS");
    assertEquals(first.at("/countIn").asInt(), 4);
    assertTrue(first.get("scopes").size() > 10);
    for (JsonNode choice : first.get("scopes")) {
      JsonNode run = tomas.get(address + "?" + query(choice.get("scope"))).body();
      assertEquals(run.get("scope"), choice.get("scope"));
      assertEquals(run.get("label"), choice.get("label"));
      int counts = 0;
      for (JsonNode leg : run.at("/track/legs")) {
        assertEquals(leg.get("tick").asInt(), counts * 12);
        counts += leg.get("counts").asInt();
      }
      assertEquals(run.at("/track/counts").asInt(), counts);
      assertTrue(run.at("/ladder/rungs/0/said").size() > counts / 2);
    }
    assertEquals(tomas.get(address + "?kind=SECTION&from=44").status(), 404);
    assertEquals(tomas.get(address + "?kind=EVENT&from=3").status(), 422);
    assertEquals(tomas.get(address + "?kind=NOTHING").status(), 422);
    assertEquals(nobody().get(address).status(), 401);
  }

  private static String query(JsonNode scope) {
    StringBuilder query = new StringBuilder();
    query.append("kind=").append(scope.get("kind").asString());
    query.append("&from=").append(scope.get("from").asInt());
    query.append("&to=").append(scope.get("to").asInt());
    JsonNode event = scope.path("event");
    if (event.isObject()) {
      query.append("&event=").append(event.get("kind").asString());
      for (String field : new String[] {"name", "section", "last", "after"}) {
        if (!event.path(field).isNull() && !event.path(field).isMissingNode()) {
          query.append('&').append(field).append('=').append(event.get(field).asString());
        }
      }
    }
    return query.toString();
  }

  /** The rule of the ladder as a device follows it: two shaky passes in a row lead down. */
  @Test
  public void theLadderIsATable() {
    JsonNode ladder = coInstructor().get(lanterns(coInstructor())).body().get("ladder");
    int rungs = ladder.get("rungs").size();
    JsonNode stands = ladder.get("stands");
    assertEquals(stands.size(), 2 * rungs);
    int second = stands.at("/0/clean").asInt();
    assertEquals(stands.get(second).get("rung").asInt(), 1);
    int shaky = stands.get(second).get("shaky").asInt();
    assertEquals(stands.get(shaky).get("rung").asInt(), 1);
    assertEquals(stands.get(stands.get(shaky).get("shaky").asInt()).get("rung").asInt(), 0);
    assertTrue(ladder.at("/rungs/0/enough").asString().contains("in words"));
  }

  @Test
  public void soundAndVoiceAreThere() {
    Client tomas = coInstructor();
    JsonNode sound = tomas.get("/api/sound").body();
    int end = 0;
    for (JsonNode clip : sound.get("clips")) {
      assertEquals(clip.get("start").asInt(), end);
      end += clip.get("samples").asInt();
    }
    assertEquals(tomas.bytes("/api/sound/voice").length, end);
    assertTrue(sound.get("clips").has("count 7") && sound.get("clips").has("shuffle"));
    assertEquals(nobody().get("/api/sound/voice").status(), 200, "a practice page speaks, too");
  }

  @Test
  public void filesForPracticeAtHome()
      throws IOException, UnsupportedAudioFileException, InvalidMidiDataException {
    Client tomas = coInstructor();
    String address = lanterns(tomas);
    byte[] wav = tomas.bytes(address + "/sound?kind=SECTION&from=1&percent=60");
    try (var in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(wav))) {
      assertEquals(in.getFormat().getChannels(), 1);
    }
    byte[] midi = tomas.bytes(address + "/notes?kind=SONG");
    assertEquals(MidiSystem.getSequence(new ByteArrayInputStream(midi)).getTracks().length, 5);
    assertEquals(new String(midi, 0, 4, StandardCharsets.US_ASCII), "MThd");
    assertEquals(tomas.get(address + "/sound?percent=500").status(), 400);
    assertEquals(nobody().get(address + "/sound").status(), 401);
    assertEquals(nobody().get(address + "/notes").status(), 401);
  }
}
