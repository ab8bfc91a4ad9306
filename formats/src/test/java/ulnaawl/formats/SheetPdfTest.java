package ulnaawl.formats;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;
import ulnaawl.dance.Dance;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.level.LevelMeasure;
import ulnaawl.teach.Teach;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.School;
import ulnaawl.wall.WallSequence;
import ulnaawl.words.Speech;
import ulnaawl.words.TeachSpeech;

/** Printed sheets, read back with another library. */
public class SheetPdfTest {

  private static final TeachSpeech SPEECH = Speech.english().teach();

  private static final Path DANCES = Path.of("../server/src/main/resources/demo/dances");

  private static PDDocument sheet(Path file) throws IOException {
    return Loader.loadPDF(bytes(file));
  }

  private static byte[] bytes(Path file) throws IOException {
    Dance dance = DanceCompiler.compile(Files.readString(file), FigureBook.standard()).dance();
    return SheetPdf.write(
        dance,
        WallSequence.of(dance),
        LevelMeasure.of(dance, FigureBook.standard()),
        FigureBook.standard());
  }

  @Test
  public void aSheetIsForEverybody() throws IOException {
    for (String file : List.of("paper-lanterns.txt", "gravel-and-honey.txt")) {
      Tagged.assertForEverybody(bytes(DANCES.resolve(file)), file);
    }
  }

  @Test
  public void saysWhatOneTeachesFrom() throws IOException {
    try (PDDocument pdf = sheet(DANCES.resolve("paper-lanterns.txt"))) {
      String words = new PDFTextStripper().getText(pdf);
      for (String wanted :
          List.of(
              "Paper Lanterns",
              "32 counts, 4 walls, beginner (measured high beginner), by Oda Marsh",
              "“Paper Lanterns”, The Tidewater Pickers, 112 counts a minute, 3:10",
              "Vines and side touches",
              "5-6 step pivot right 1/2 L to 6",
              "3&4 mambo side left",
              "wall 5: restart after 16 changing 15-16: walk R L back",
              "restart after 16, facing 12",
              "tag Lull, facing 6")) {
        assertTrue(words.contains(wanted), wanted + " in\n" + words);
      }
    }
  }

  @Test
  public void everyDemoDanceFitsOnTwoPages() throws IOException {
    try (Stream<Path> files = Files.list(DANCES)) {
      for (Path file : files.sorted().toList()) {
        try (PDDocument pdf = sheet(file)) {
          assertTrue(pdf.getNumberOfPages() <= 2, file + ": " + pdf.getNumberOfPages() + " pages");
        }
      }
    }
  }

  @Test
  public void lettersOfOtherLanguagesArePrinted() throws IOException {
    Dance dance =
        DanceCompiler.compile(
                "title: Žluťoučký őrült\nsection 1\n1-4  vine R, touch L\n", FigureBook.standard())
            .dance();
    byte[] bytes =
        SheetPdf.write(
            dance,
            WallSequence.of(dance),
            LevelMeasure.of(dance, FigureBook.standard()),
            FigureBook.standard());
    try (PDDocument pdf = Loader.loadPDF(bytes)) {
      assertTrue(new PDFTextStripper().getText(pdf).contains("Žluťoučký őrült"));
      assertEquals(pdf.getDocumentInformation().getTitle(), "Žluťoučký őrült");
    }
  }

  /** Whatever the school: every drill stands on at most two pages, with its minute. */
  @Test
  public void aTeachLiesOnTheFloor() throws IOException {
    List<String> all = List.of("gravel-and-honey.txt", "paper-lanterns.txt", "two-ferries.txt");
    for (String file : Boolean.getBoolean("ulna.long") ? all : all.subList(0, 1)) {
      Dance dance =
          DanceCompiler.compile(Files.readString(DANCES.resolve(file)), FigureBook.standard())
              .dance();
      Lesson lesson = new Lesson(dance, FigureBook.standard(), Learner.fresh(TeachPace.LIVE));
      for (School school : School.values()) {
        Teach teach = Teach.of(lesson, school, 30);
        byte[] bytes = TeachPdf.write(dance.title(), "Us", 30, teach, SPEECH);
        Tagged.assertForEverybody(bytes, file + " " + school);
        try (PDDocument pdf = Loader.loadPDF(bytes)) {
          assertTrue(pdf.getNumberOfPages() <= 2, file + " " + school);
          String words = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
          for (Drill drill : teach.drills()) {
            String head = SPEECH.scope(drill.scope()) + " " + SPEECH.mode(drill.mode());
            assertTrue(words.contains(head), head + " in " + words);
          }
        }
      }
    }
  }
}
