package ulnaawl.sheet.read;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import ulnaawl.Tries;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.read.StepTextParser;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.sheet.ReadLine;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.text.SourceText;

/**
 * Whatever is pasted, the reader answers without an exception, every line of it is accounted for,
 * every link leads to a line of the step text, and the step text is in its one tidy form.
 */
public class SheetFuzzTest {

  private static final int INPUTS = Tries.of(300, 4_000);
  private static final FigureBook BOOK = FigureBook.standard();
  private static final List<String> SIGNS =
      List.of(
          "(",
          ")",
          "[",
          "]",
          ":",
          "1-4",
          "&",
          "1/2",
          "R",
          "left",
          "**",
          "\n",
          "\n\n",
          "wall 3",
          "restart",
          "TAG",
          "repeat 1-4",
          "\t",
          "|",
          "9:00",
          "section 99",
          "999999999",
          "\f",
          "½",
          "option:",
          "(or ",
          "walls 1-99",
          "Sequence: A B",
          "#",
          "Ä",
          "\u0000",
          "x4",
          "part B");

  private final Random random = new Random(20_261_127);
  private final List<String> sheets = new ArrayList<>();

  @BeforeClass
  public void read() throws IOException {
    try (Stream<Path> files = Files.list(Path.of("src/test/resources/sheets"))) {
      for (Path file : files.filter(it -> it.toString().endsWith(".txt")).sorted().toList()) {
        sheets.add(Files.readString(file));
      }
    }
  }

  /** A line or a sheet that is longer than any real one is said not to be read; the rest is. */
  @Test
  public void whatIsTooLongIsSaidAndTheRestIsRead() {
    String line = "1-4 " + "step R, ".repeat(7_500);
    ReadSheet one =
        new SheetReader(BOOK)
            .read("Long Road\nSection 1\n1-4 Vine R, touch L\n" + line + "\n5-8 Vine L, touch R\n")
            .getFirst();
    ReadLine tooLong =
        one.lines().stream().filter(it -> it.number() == 4).findFirst().orElseThrow();
    assertEquals(tooLong.text(), line);
    assertEquals(tooLong.understanding(), ReadLine.Understanding.UNREAD);
    assertTrue(one.stepText().contains("5-8"), one.stepText());

    ReadSheet many =
        new SheetReader(BOOK).read(("1-4 " + "(".repeat(900) + "\n").repeat(200)).getFirst();
    assertEquals(many.lines().size(), 201);
    assertTrue(
        many.lines().stream().filter(it -> !it.blank()).noneMatch(it -> it.text().isBlank()));
    assertEquals(many.lines().get(199).understanding(), ReadLine.Understanding.UNREAD);
  }

  @Test
  public void whoIsNotWaitedForStopsReading() {
    Thread.currentThread().interrupt();
    assertThrows(CancellationException.class, () -> new SheetReader(BOOK).read("1-4 vine R"));
    assertTrue(Thread.interrupted());
  }

  @Test
  public void everyInputIsAnsweredAndEveryLineKept() {
    for (int i = 0; i < INPUTS; i++) {
      String input = input(i);
      List<ReadSheet> read = new SheetReader(BOOK).read(input);
      List<Integer> numbers = new ArrayList<>();
      for (ReadSheet sheet : read) {
        int last = SourceText.of(sheet.stepText()).lineCount();
        for (ReadLine line : sheet.lines()) {
          numbers.add(line.number());
          line.stepLines().forEach(it -> assertTrue(it >= 1 && it <= last, input));
          line.others().forEach(it -> assertTrue(it.stepLine() <= last, input));
        }
      }
      for (int n = 1; n < numbers.size(); n++) {
        assertEquals(numbers.get(n), Integer.valueOf(numbers.get(n - 1) + 1), input);
      }
    }
  }

  /** The step text of a sheet is what tidying it would make of it. */
  @Test
  public void stepTextIsTidy() {
    for (String text : sheets) {
      for (ReadSheet sheet : new SheetReader(BOOK).read(text)) {
        String tidy =
            StepTextFormatter.format(
                new StepTextParser(BOOK).parse(sheet.stepText()).script(), BOOK);
        assertEquals(sheet.stepText(), tidy);
      }
    }
  }

  /** What is longer than any sheet is read as far as it goes, and the rest is said not to be. */
  @Test
  public void nothingOfAnEndlessSheetIsLost() {
    String text =
        "Endless\n32 counts, 4 walls\n\n"
            + "1-4 Vine R, touch L\n5-8 Vine L, touch R\n".repeat(900);
    List<ReadSheet> read = new SheetReader(BOOK).read(text);
    assertEquals(read.size(), 1);
    assertEquals(read.getFirst().lines().size(), 1804);
    assertTrue(read.getFirst().hasUnread());
  }

  @Test
  public void manySheetsAreReadOneByOne() {
    String ten = String.join("\n\n\n", sheets.subList(0, 10));
    List<ReadSheet> read = new SheetReader(BOOK).read(ten);
    assertEquals(read.size(), 10, read.stream().map(ReadSheet::title).toList().toString());
  }

  private String input(int number) {
    return switch (number % 3) {
      case 0 -> bytes(random.nextInt(200));
      case 1 -> mixed(random.nextInt(40));
      default -> mutated(sheets.get(random.nextInt(sheets.size())));
    };
  }

  private String bytes(int length) {
    byte[] bytes = new byte[length];
    random.nextBytes(bytes);
    return new String(bytes, StandardCharsets.ISO_8859_1);
  }

  private String mixed(int count) {
    StringBuilder text = new StringBuilder("Title\n32 counts 4 walls\n\n");
    for (int i = 0; i < count; i++) {
      if (random.nextBoolean()) {
        text.append(SIGNS.get(random.nextInt(SIGNS.size()))).append(' ');
      } else {
        List<String> lines = sheets.get(random.nextInt(sheets.size())).lines().toList();
        text.append(lines.get(random.nextInt(lines.size()))).append('\n');
      }
    }
    return text.toString();
  }

  private String mutated(String sheet) {
    StringBuilder text = new StringBuilder(sheet);
    for (int i = 0; i < 1 + random.nextInt(12); i++) {
      int at = random.nextInt(text.length());
      switch (random.nextInt(3)) {
        case 0 -> text.deleteCharAt(at);
        case 1 -> text.insert(at, SIGNS.get(random.nextInt(SIGNS.size())));
        default -> text.setCharAt(at, (char) (32 + random.nextInt(95)));
      }
    }
    return text.toString();
  }
}
