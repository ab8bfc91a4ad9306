package ulnaawl.cli;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The answer of {@code ./ulna read}: step text, remarks, files, exit status. */
public class ReadCommandTest {

  private static final String SHEET = "../core/src/test/resources/sheets/brass-buttons.txt";

  private record Ran(int status, String out, String err) {}

  private static Ran run(String... words) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int status =
        new ReadCommand(
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8))
            .run(words);
    return new Ran(
        status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
  }

  private static Path sheet(String text) throws IOException {
    Path file = Files.createTempFile("sheet", ".txt");
    Files.writeString(file, text);
    return file;
  }

  @Test
  public void aSheetBecomesStepText() {
    Ran ran = run(SHEET);
    assertEquals(ran.status(), 0, ran.err());
    assertEquals(ran.err(), "");
    assertTrue(ran.out().startsWith("title: Brass Buttons\nby: Wilma Otterspoor\n"), ran.out());
    assertTrue(ran.out().contains("\n5-8    jazz box R\n"), ran.out());
  }

  @Test
  public void whatIsInDoubtIsSaidWithItsLine() throws IOException {
    Path file =
        sheet(
            "Thing\n16 counts\n\nSection 1\n1-4 Vine R, touch L\n5-8 Frobnicate the left elbow\n");
    Ran ran = run(file.toString(), "--json");
    assertEquals(ran.status(), 1);
    JsonNode report = new ObjectMapper().readTree(ran.out());
    assertEquals(report.at("/remarks/0/line").asInt(), 2, ran.out());
    assertEquals(report.at("/remarks/0/kind").asString(), "guess");
    assertEquals(report.at("/remarks/1/line").asInt(), 6);
    assertEquals(report.at("/remarks/1/kind").asString(), "unread");
    assertTrue(report.at("/stepText").asString().contains("# 5-8 Frobnicate the left elbow"));
    assertTrue(ran.err().contains(file + ":6: not read: "), ran.err());
  }

  @Test
  public void filesAreWrittenAndNeverWrittenOver() throws IOException {
    Path folder = Files.createTempDirectory("steps").resolve("new");
    assertEquals(run(SHEET, SHEET, "--to", folder.toString()).status(), 0);
    try (Stream<Path> files = Files.list(folder)) {
      assertEquals(
          files.map(file -> file.getFileName().toString()).sorted().toList(),
          List.of("brass-buttons-2.steps", "brass-buttons.steps"));
    }
    assertEquals(
        new StepsCommand(new PrintStream(new ByteArrayOutputStream()), System.err)
            .run(new String[] {folder.resolve("brass-buttons.steps").toString()}),
        0);
  }

  @Test
  public void whatCannotBeReadGivesStatusTwo() throws IOException {
    Path picture = Files.createTempFile("picture", ".png");
    Files.write(picture, new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 1, (byte) 0xff});
    Ran several = run("nowhere.txt", SHEET, picture.toString());
    assertEquals(several.status(), 2);
    assertTrue(several.err().contains("nowhere.txt cannot be read: there is no such file"));
    assertTrue(several.err().contains("no text, .docx, .odt or PDF file"), several.err());
    assertTrue(several.out().contains("title: Brass Buttons"));
    assertEquals(run(sheet("\n \n").toString()).status(), 2);
    assertTrue(run().err().contains("read wants a file"));
    assertTrue(run(SHEET, "--jsn").err().contains("does not know '--jsn'"));
    assertTrue(run(SHEET, "--to").err().contains("--to wants a folder"));
  }
}
