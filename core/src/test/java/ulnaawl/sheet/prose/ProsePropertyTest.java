package ulnaawl.sheet.prose;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.RandomDance;
import ulnaawl.Tries;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.read.SheetReader;
import ulnaawl.sheet.read.WrittenAs;
import ulnaawl.text.Diagnostic;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.WallSequence;

/** A dance in full sentences, read again, is the same dance. */
public class ProsePropertyTest {

  private static final FigureBook BOOK = FigureBook.standard();
  private static final Path DEMO = Path.of("../server/src/main/resources/demo/dances");
  private static final int GENERATED = Tries.of(150, 2000);

  @DataProvider
  public static Object[][] demo() throws IOException {
    try (Stream<Path> files = Files.list(DEMO)) {
      return files.sorted().map(file -> new Object[] {file}).toArray(Object[][]::new);
    }
  }

  @Test(dataProvider = "demo")
  public void demoDancesComeBack(Path file) throws IOException {
    String stepText = Files.readString(file);
    Dance dance = DanceCompiler.compile(stepText, BOOK).dance();
    String prose = ProseSheet.of(dance, BOOK);
    assertEquals(writtenAs(stepText), WrittenAs.STEP_TEXT);
    assertEquals(writtenAs(prose), WrittenAs.PRINTED_SHEET, prose);
    // A slip in it makes it no printed sheet.
    String slip = stepText.replaceFirst("(?m)^(1-\\d\\s+)\\w+", "$1vyne");
    assertEquals(writtenAs(slip), WrittenAs.STEP_TEXT, slip);
    Dance again = again(prose);
    assertEquals(places(again.parts()), places(dance.parts()), prose);
    assertEquals(walls(again), walls(dance), prose);
    assertEquals(again.title(), dance.title());
    assertEquals(
        again.headers().songs().stream().map(it -> it.value()).toList(),
        dance.headers().songs().stream().map(it -> it.value()).toList());
    assertEquals(again.variations().size(), dance.variations().size(), prose);
  }

  /** Steps are spelled out and not only named: of all figures in the demo dances more than half. */
  @Test
  public void mostOfItIsSpelledOut() throws IOException {
    int spelled = 0;
    int lines = 0;
    for (Object[] file : demo()) {
      String prose =
          ProseSheet.of(
              DanceCompiler.compile(Files.readString((Path) file[0]), BOOK).dance(), BOOK);
      for (String line : prose.lines().filter(it -> it.matches("[\\d&].*")).toList()) {
        lines++;
        spelled += line.matches(".*\\b(left|right)\\b.*") ? 1 : 0;
      }
    }
    assertTrue(spelled * 3 > lines * 2, spelled + " of " + lines);
  }

  @Test
  public void generatedDancesComeBack() {
    int danced = 0;
    for (int seed = 0; danced < GENERATED; seed++) {
      Compilation compiled = DanceCompiler.compile(RandomDance.danceable(seed, 1 + seed % 4), BOOK);
      if (compiled.diagnostics().stream().noneMatch(Diagnostic::isError)) {
        danced++;
        String prose = ProseSheet.of(compiled.dance(), BOOK);
        assertEquals(places(again(prose).parts()), places(compiled.dance().parts()), prose);
      }
    }
  }

  private static WrittenAs writtenAs(String text) {
    return WrittenAs.of(
        text, DanceCompiler.compile(text, BOOK).diagnostics(), new SheetReader(BOOK).read(text));
  }

  private static Dance again(String prose) {
    List<ReadSheet> sheets = new SheetReader(BOOK).read(prose);
    assertEquals(sheets.size(), 1, prose);
    return DanceCompiler.compile(sheets.getFirst().stepText(), BOOK).dance();
  }

  private static String places(List<Passage> parts) {
    List<String> said = new ArrayList<>();
    for (Passage part : parts) {
      said.add("starts with the weight on " + part.startWeight());
      for (Place place : part.places()) {
        said.add(
            "section "
                + place.section()
                + " count "
                + place.count().label()
                + ": "
                + place.foot().map(foot -> foot.letter()).orElse("-")
                + " weight "
                + place.after()
                + " turn "
                + place.turn().label()
                + " facing "
                + place.facing().clock());
      }
    }
    return String.join("\n", said);
  }

  private static List<String> walls(Dance dance) {
    return WallSequence.of(dance, SequenceRequest.of(dance).withOptional(true).withWalls(12))
        .walls()
        .stream()
        .map(wall ->
            wall.number()
                + " "
                + wall.part()
                + " "
                + wall.startFacing().clock()
                + " "
                + wall.counts()
                + " "
                + wall.events().stream().map(event -> event.kind()).toList())
        .toList();
  }
}
