package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Printed sheets: read, found again in the club, kept beside the dance. */
public class SheetsTest extends ServerTest {

  private static final Path SHEETS = Path.of("../core/src/test/resources/sheets");

  private static String sheet(String name) throws IOException {
    return Files.readString(SHEETS.resolve(name + ".txt"));
  }

  private static JsonNode read(Client client, String text) {
    Client.Answer answer =
        client.post("/api/sheets/read", "{\"text\":" + Client.quoted(text) + "}");
    assertEquals(answer.status(), 200, answer.raw().body());
    return answer.body().get("sheets");
  }

  @Test
  public void aSheetOfTheClubIsFoundByItsTitleAndByItsFeet() throws IOException {
    String text = sheet("brass-buttons");
    JsonNode known = read(wilma(), text).get(0).get("known");
    assertEquals(known.get(0).get("title").asString(), "Brass Buttons");
    assertEquals(known.get(0).get("likeness").asString(), "SAME_FEET");
    JsonNode renamed = read(wilma(), text.replace("BRASS BUTTONS", "TIN BUTTONS")).get(0);
    assertEquals(renamed.get("title").asString(), "Tin Buttons");
    assertEquals(renamed.get("known").get(0).get("title").asString(), "Brass Buttons");
    JsonNode other = read(wilma(), "Brass  buttons\n\nSection 1\n1-4 Vine R, touch L\n").get(0);
    assertEquals(other.get("known").get(0).get("likeness").asString(), "SAME_TITLE");
  }

  @Test
  public void severalSheetsAreReadLineByLine() throws IOException {
    JsonNode sheets = read(wilma(), sheet("corner-shop") + "\n\n\n" + sheet("copper-kettle"));
    assertEquals(sheets.size(), 2);
    JsonNode second = sheets.get(1);
    assertEquals(second.get("unread").asInt(), 0);
    JsonNode line = second.get("lines").get(second.get("lines").size() - 2);
    assertTrue(line.get("text").asString().startsWith("7 8 Step L"), line.toString());
    String step =
        second.get("stepText").asString().split("\n")[line.get("stepLines").get(0).asInt() - 1];
    assertTrue(step.startsWith("7-8"), step);
  }

  @Test
  public void whatIsInDoubtIsAskedWithAnotherReading() {
    JsonNode sheet =
        read(
                wilma(),
                "Doubt\n8 counts\nWeight on left\n\nSection 1\n1-4 Walk L R L, touch R\n"
                    + "5-8 Walk R L R, touch L\n")
            .get(0);
    JsonNode line = sheet.get("lines").get(5);
    assertEquals(line.get("understanding").asString(), "GUESS", sheet.toString());
    assertFalse(line.get("remarks").get(0).asString().isEmpty());
    assertFalse(line.get("others").isEmpty());
  }

  @Test
  public void theSheetStaysBesideTheDance() throws IOException {
    Client wilma = wilma();
    String text = sheet("lamplighter");
    String stepText = read(wilma, text).get(0).get("stepText").asString();
    Client.Answer added =
        wilma.post(
            "/api/dances",
            "{\"stepText\":" + Client.quoted(stepText) + ",\"sheet\":" + Client.quoted(text) + "}");
    assertEquals(added.status(), 201, added.raw().body());
    long id = added.body().get("id").asLong();
    JsonNode kept = wilma.get("/api/dances/" + id + "/printed-sheet").body();
    assertEquals(kept.get("version").asInt(), 1);
    assertEquals(kept.get("lines").size(), text.lines().count() + 1);
    String prose = wilma.get("/api/dances/" + id + "/prose").body().get("text").asString();
    assertTrue(prose.contains("5-6     Cross right over left, step left to left side"), prose);
    assertEquals(wilma.get("/api/dances/1/printed-sheet").body().get("version").asInt(), 0);
    assertEquals(wilma.get("/api/dances/999/printed-sheet").status(), 404);
    assertEquals(wilma.get("/api/dances/999/prose").status(), 404);
    assertEquals(wilma.delete("/api/dances/" + id + "?version=1").status(), 204);
  }

  @Test
  public void filesAreReadOrRefusedWithAReason() {
    Client wilma = wilma();
    byte[] text = "Tin\n1-4 Vine R, touch L\n".getBytes(StandardCharsets.UTF_8);
    assertEquals(
        wilma.postBytes("/api/sheets/file", text).body().get("text").asString(),
        "Tin\n1-4 Vine R, touch L\n");
    Client.Answer picture = wilma.postBytes("/api/sheets/file", new byte[] {1, 0, 2});
    assertEquals(picture.status(), 422);
    assertTrue(picture.detail().contains("no text, .docx, .odt or PDF"), picture.detail());
    assertEquals(wilma.postBytes("/api/sheets/file", new byte[5 * 1024 * 1024]).status(), 413);
    assertEquals(viewer().postBytes("/api/sheets/file", text).status(), 403);
    assertEquals(
        wilma
            .post("/api/sheets/read", "{\"text\":" + Client.quoted("x".repeat(400_001)) + "}")
            .status(),
        422);
    assertEquals(read(wilma, " \n").size(), 0);
  }
}
