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
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The report of {@code ./ulna steps}: its keys, its exit status, its refusals. */
public class StepsCommandTest {

  private static final Path EXAMPLE =
      Path.of("../core/src/test/resources/dances/paper-lanterns.txt");
  private static final Path FIRST =
      Path.of("../core/src/test/resources/dances/step-text-example.txt");

  private record Ran(int status, String out, String err) {}

  @Test
  public void jsonHasTheFixedKeys() {
    Ran ran = run(EXAMPLE.toString(), "--json");
    assertEquals(ran.status(), 0, ran.err());
    JsonNode report = new ObjectMapper().readTree(ran.out());
    for (String key :
        new String[] {
          "title",
          "counts",
          "walls",
          "turn",
          "startWeight",
          "endWeight",
          "sections",
          "turnAfter",
          "places",
          "figures",
          "level",
          "sequence",
          "diagnostics"
        }) {
      assertTrue(report.has(key), key);
    }
    assertEquals(report.get("turn").asInt(), 9);
    assertEquals(report.get("turnAfter").size(), 32);
    assertEquals(report.at("/turnAfter/24").asInt(), 6);
    assertEquals(report.at("/sections/0/endWeight").asString(), "R");
    assertEquals(report.at("/places/0/action").asString(), "step side");
    assertEquals(report.at("/places/2/feet/R/0").asDouble(), 2.15);
    assertEquals(report.at("/level/measured").asString(), "high beginner");
    assertEquals(report.at("/sequence/4/events/0").asString(), "restart after 16");
    assertEquals(report.at("/sequence/4/endFacing").asInt(), 12);
    report
        .get("diagnostics")
        .forEach(one -> assertEquals(one.get("severity").asString(), "info", one.toString()));
  }

  @Test
  public void wallsAndOptionsAreTaken() {
    Ran ran = run(EXAMPLE.toString(), "--json", "--walls", "3");
    assertEquals(new ObjectMapper().readTree(ran.out()).get("sequence").size(), 3);
  }

  @Test
  public void errorsInTheDanceGiveStatusOne() {
    Ran ran = run(FIRST.toString());
    assertEquals(ran.status(), 1);
    assertTrue(ran.out().contains("error at line 35, column 1 [join-weight]"), ran.out());
  }

  @Test
  public void whatCannotBeReadGivesStatusTwo() throws IOException {
    Path picture = Files.createTempFile("not-text", ".txt");
    Files.write(picture, new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 1, (byte) 0xff});
    Path large = Files.createTempFile("large", ".txt");
    Files.writeString(large, "x".repeat(2_000_000));
    Path empty = Files.createTempFile("empty", ".txt");
    assertRefused("not a text file", picture.toString());
    assertRefused("there is no file", "nowhere.txt");
    assertRefused("wants a file");
    assertRefused("does not know '--jsn'", EXAMPLE.toString(), "--jsn");
    assertRefused("number from 1 to 99", EXAMPLE.toString(), "--walls", "0");
    assertEquals(run(large.toString()).status(), 1);
    assertTrue(run(large.toString()).out().contains("too-long"));
    assertTrue(run(empty.toString()).out().contains("no steps yet"));
  }

  /** One that cannot be read does not hide the others. */
  @Test
  public void severalFilesHaveALineEach() {
    Ran ran = run(EXAMPLE.toString(), "nowhere.txt", FIRST.toString());
    assertEquals(ran.status(), 2);
    assertTrue(ran.err().contains("there is no file nowhere.txt"), ran.err());
    List<String> lines = ran.out().lines().toList();
    assertEquals(
        lines.getFirst(),
        EXAMPLE + ": Paper Lanterns, 32 counts, 4 walls, high beginner, no mistakes");
    assertTrue(lines.getLast().startsWith(FIRST + ": "), ran.out());
    assertTrue(lines.getLast().endsWith(" mistakes") || lines.getLast().endsWith(" mistake"));
    assertEquals(lines.size(), 2);
    assertEquals(run(EXAMPLE.toString(), FIRST.toString()).status(), 1);
    assertEquals(run(EXAMPLE.toString(), EXAMPLE.toString()).status(), 0);
  }

  @Test
  public void severalFilesAreAnArrayForPrograms() {
    Ran ran = run(EXAMPLE.toString(), "nowhere.txt", FIRST.toString(), "--json");
    assertEquals(ran.status(), 2);
    JsonNode reports = new ObjectMapper().readTree(ran.out());
    assertEquals(reports.size(), 3);
    assertEquals(reports.at("/0/title").asString(), "Paper Lanterns");
    assertEquals(reports.at("/0/file").asString(), EXAMPLE.toString());
    assertTrue(reports.at("/1/unreadable").asString().contains("no file"), ran.out());
    assertEquals(reports.at("/2/diagnostics/0/severity").isString(), true);
  }

  private void assertRefused(String why, String... words) {
    Ran ran = run(words);
    assertEquals(ran.status(), 2);
    assertTrue(ran.err().contains(why), ran.err());
    assertEquals(ran.out(), "");
  }

  private static Ran run(String... words) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int status =
        new StepsCommand(
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8))
            .run(words);
    return new Ran(
        status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
  }
}
