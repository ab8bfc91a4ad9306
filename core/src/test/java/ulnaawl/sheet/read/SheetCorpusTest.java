package ulnaawl.sheet.read;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.sheet.ReadLine;
import ulnaawl.sheet.ReadLine.Understanding;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.text.SourceText;

/**
 * Sheets in many layouts, each with the step text that an instructor would write for it (common
 * practice, no source; the dances are invented). Feet, weight, facing, turn and counts of every
 * place are compared.
 */
public class SheetCorpusTest {

  private static final Path SHEETS = Path.of("src/test/resources/sheets");
  private static final Path DEMO = Path.of("../server/src/main/resources/demo/dances");
  private static final FigureBook BOOK = FigureBook.standard();

  /** How the lines of a sheet were read. */
  private record Score(
      int sure, int guessed, int unread, List<String> wrong, List<String> wrongInSilence) {

    int lines() {
      return sure + guessed + unread;
    }
  }

  @DataProvider
  public static Object[][] sheets() throws IOException {
    try (Stream<Path> files = Files.list(SHEETS)) {
      return files
          .map(file -> file.getFileName().toString())
          .filter(name -> name.endsWith(".txt"))
          .sorted()
          .map(name -> new Object[] {name.substring(0, name.length() - 4)})
          .toArray(Object[][]::new);
    }
  }

  @Test(dataProvider = "sheets")
  public void nothingIsWrongInSilence(String name) throws IOException {
    Score score = score(name);
    assertEquals(String.join("\n", score.wrongInSilence()), "", name);
  }

  /** The goal: 98 of 100 lines right. */
  @Test
  public void nearlyAllLinesAreRight() throws IOException {
    int lines = 0;
    int sure = 0;
    int guessed = 0;
    int unread = 0;
    List<String> wrong = new ArrayList<>();
    Object[][] all = sheets();
    for (Object[] sheet : all) {
      Score score = score((String) sheet[0]);
      lines += score.lines();
      sure += score.sure();
      guessed += score.guessed();
      unread += score.unread();
      score.wrong().forEach(line -> wrong.add(sheet[0] + ": " + line));
    }
    System.out.printf(
        "%d sheets, %d lines of steps: %d surely, %d guessed, %d not read, %d wrong%n",
        all.length, lines, sure, guessed, unread, wrong.size());
    assertTrue(all.length >= 30, "only " + all.length + " sheets");
    assertTrue((wrong.size() + unread) * 50 <= lines, String.join("\n", wrong));
  }

  /** What the sheet says of walls is what the dance says of them. */
  @Test(dataProvider = "sheets")
  public void wallsAreUnderstood(String name) throws IOException {
    Dance read = DanceCompiler.compile(read(name).stepText(), BOOK).dance();
    Dance expected = DanceCompiler.compile(expected(name), BOOK).dance();
    assertEquals(walls(read), walls(expected), name);
    read.headers()
        .counts()
        .ifPresent(
            counts -> assertEquals(counts.value(), Integer.valueOf(expected.counts()), name));
  }

  private static List<String> walls(Dance dance) {
    Map<String, String> extras = new HashMap<>();
    return dance.script().phrasing().stream()
        .filter(phrase -> !(phrase instanceof Phrase.StartPhrase))
        .map(phrase -> StepTextFormatter.phrase(phrase, BOOK))
        .map(phrase -> phrase.replaceAll(" facing \\S+", ""))
        .map(phrase -> named(phrase, dance, extras))
        .sorted()
        .toList();
  }

  /** Tags by what is danced in them, since a sheet has no names for them. */
  private static String named(String phrase, Dance dance, Map<String, String> extras) {
    String result = phrase;
    for (Passage extra : dance.extras().values()) {
      String steps = extra.places().stream().map(SheetCorpusTest::danced).toList().toString();
      extras.put(extra.name(), steps);
      result =
          result.replaceAll(
              "(?<=[ :])" + extra.name() + "(?= |$)",
              java.util.regex.Matcher.quoteReplacement(steps));
    }
    return result;
  }

  private static String danced(Place place) {
    return place.count().label()
        + place.foot().map(foot -> foot.letter()).orElse("-")
        + place.turn().label();
  }

  private static ReadSheet read(String name) throws IOException {
    List<ReadSheet> sheets =
        new SheetReader(BOOK).read(Files.readString(SHEETS.resolve(name + ".txt")));
    assertEquals(sheets.size(), 1, name);
    return sheets.getFirst();
  }

  private static String expected(String name) throws IOException {
    Path own = SHEETS.resolve(name + ".steps");
    return Files.readString(Files.exists(own) ? own : DEMO.resolve(name + ".txt"));
  }

  private static Score score(String name) throws IOException {
    ReadSheet sheet = read(name);
    Dance read = DanceCompiler.compile(sheet.stepText(), BOOK).dance();
    Dance expected = DanceCompiler.compile(expected(name), BOOK).dance();
    Map<String, Place> wanted = places(expected);
    Map<Integer, List<String>> wrongAt = new TreeMap<>();
    SourceText text = SourceText.of(sheet.stepText());
    Map<String, Place> danced = places(read);
    danced.forEach((key, place) -> {
      Place other = wanted.get(key);
      if (other == null || !agrees(place, other)) {
        wrongAt
            .computeIfAbsent(text.line(place.span().start()), _ -> new ArrayList<>())
            .add(key + " " + said(place) + " and not " + (other == null ? "nothing" : said(other)));
      }
    });
    List<String> wrong = new ArrayList<>();
    List<String> silent = new ArrayList<>();
    wrongAt.forEach((stepLine, what) -> {
      List<ReadLine> sources =
          sheet.lines().stream().filter(line -> line.stepLines().contains(stepLine)).toList();
      String all = text.lineText(stepLine) + ": " + what;
      wrong.add(all);
      if (sources.stream().allMatch(line -> line.doubts().isEmpty())) {
        silent.add(all);
      }
    });
    boolean unreadSomewhere = sheet.hasUnread();
    wanted.keySet().stream()
        .filter(key -> !danced.containsKey(key))
        .forEach(key -> {
          wrong.add("nothing on " + key);
          if (!unreadSomewhere) {
            silent.add("nothing on " + key);
          }
        });
    return new Score(
        lines(sheet, Understanding.SURE),
        lines(sheet, Understanding.GUESS),
        lines(sheet, Understanding.UNREAD),
        wrong,
        silent);
  }

  /** Lines of the sheet with an understanding that have steps, or that were not read. */
  private static int lines(ReadSheet sheet, Understanding understanding) {
    SourceText text = SourceText.of(sheet.stepText());
    return (int)
        sheet.lines().stream()
            .filter(line -> line.understanding() == understanding)
            .filter(line ->
                understanding == Understanding.UNREAD
                    || line.stepLines().stream()
                        .anyMatch(it -> text.lineText(it).matches("[\\d&].*")))
            .count();
  }

  private static Map<String, Place> places(Dance dance) {
    Map<String, Place> places = new TreeMap<>();
    for (Passage part : dance.parts()) {
      part.places()
          .forEach(place ->
              places.put("section " + place.section() + " count " + place.count().label(), place));
    }
    return places;
  }

  private static boolean agrees(Place one, Place other) {
    return one.foot().equals(other.foot())
        && one.after() == other.after()
        && one.turn().equals(other.turn())
        && one.facing().equals(other.facing());
  }

  private static String said(Place place) {
    return place.foot().map(foot -> foot.letter()).orElse("-")
        + " "
        + place.description()
        + " "
        + place.turn().label()
        + " weight "
        + place.after().label()
        + " facing "
        + place.facing().clock();
  }
}
