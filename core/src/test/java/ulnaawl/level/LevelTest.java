package ulnaawl.level;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.plan.DanceFacts;
import ulnaawl.words.Speech;

/**
 * The measured level: what lifts it, what lowers it, and that it says why. Rule of thumb, no
 * source.
 */
public class LevelTest {

  private static final FigureBook BOOK = FigureBook.standard();
  private static final String BOXES = "1-4  rocking chair R\n5-8  jazz box R\n";
  private static final String PLAIN =
      "section 1\n"
          + BOXES
          + "section 2\n1-4  charleston R\n5-6  step pivot R 1/2 L\n7-8  walk R L\n";

  private static String sections(int number, String lines) {
    StringBuilder text = new StringBuilder();
    for (int i = 1; i <= number; i++) {
      text.append("section ").append(i).append('\n').append(lines);
    }
    return text.toString();
  }

  private static MeasuredLevel measure(String text) {
    return LevelMeasure.of(Dances.dance("title: L\nstart: weight L\n" + text), BOOK);
  }

  /** What is added to a plain dance, what the reason says, and by how many points it changes. */
  @DataProvider
  public Object[][] changes() {
    return new Object[][] {
      {PLAIN, "phrasing\nwall 3: restart after 8\n", "1 restart: +4", 4},
      {PLAIN, "phrasing\nwall 3, 6: restart after 8\n", "2 restarts: +6", 6},
      {PLAIN, "phrasing\nwall 3: restart after 8 optional\n", "", 0},
      {PLAIN, "tag T\n1-2  sway R L\nphrasing\nafter wall 2: tag T\n", "1 tag or bridge: +2", 2},
      {
        PLAIN,
        "section 3\n1-3  rolling vine R\n4-8  walk L R L R L\n",
        "A turn of 8/8 in one figure: +2",
        13
      },
    };
  }

  @Test(dataProvider = "changes")
  public void isLiftedByWhatIsHarder(String plain, String more, String reason, int points) {
    MeasuredLevel before = measure(plain);
    MeasuredLevel after = measure(plain + more);
    assertEquals(after.points() - before.points(), points, after.reasons().toString());
    List<String> said = after.reasons().stream().map(Speech.english().level()::reason).toList();
    assertTrue(reason.isEmpty() || said.contains(reason), said.toString());
  }

  @Test
  public void isLoweredByRepetition() {
    MeasuredLevel varied = measure(PLAIN);
    MeasuredLevel repeated = measure(sections(2, BOXES));
    assertTrue(
        repeated.reasons().contains(new LevelReason.Factor(LevelFactor.REPETITION, 2, -1)),
        repeated.reasons().toString());
    assertTrue(
        varied.reasons().stream()
            .noneMatch(it ->
                it instanceof LevelReason.Factor one && one.factor() == LevelFactor.REPETITION));
  }

  @Test
  public void aFastSongIsHarder() {
    String song = "song: S / A / %d bpm / 3:00\n" + sections(2, PLAIN);
    assertEquals(measure(song.formatted(150)).points() - measure(song.formatted(100)).points(), 8);
  }

  @Test
  public void everyReasonAddsUp() {
    for (String file : List.of("dances/paper-lanterns.txt", "dances/step-text-example.txt")) {
      MeasuredLevel measured = LevelMeasure.of(Dances.dance(Dances.resource(file)), BOOK);
      int sum = 0;
      for (LevelReason reason : measured.reasons()) {
        sum +=
            switch (reason) {
              case LevelReason.Figures it -> it.points();
              case LevelReason.Factor it -> it.points();
              case LevelReason.Sum it -> {
                assertEquals(it.points(), sum);
                assertEquals(it.level(), measured.level());
                int next = it.toNext().orElseThrow();
                assertTrue(next > 0 && next <= 10, "from the next level: " + next);
                yield 0;
              }
            };
      }
      assertEquals(sum, measured.points(), measured.reasons().toString());
    }
  }

  /** Dances of the demo club and what an instructor says of them; common practice, no source. */
  @DataProvider
  public Object[][] judged() {
    return new Object[][] {
      {"old-postcards", Level.INTERMEDIATE},
      {"tea-urn-jive", Level.IMPROVER},
      {"tin-roof-rumble", Level.IMPROVER},
      {"ferris-wheel", Level.HIGH_BEGINNER},
      {"nine-umbrellas", Level.IMPROVER},
      {"brass-buttons", Level.IMPROVER},
    };
  }

  @Test(dataProvider = "judged")
  public void measuresAsAnInstructorJudges(String file, Level level) throws IOException {
    Path path = Path.of("../server/src/main/resources/demo/dances/" + file + ".txt");
    assertEquals(measure(Files.readString(path)).level(), level);
  }

  /** The same steps make the same dance, by names or one by one. */
  @Test
  public void theWayOfWritingDoesNotMatter() {
    String names =
        """
        title: Names
        section 1
        1-4  vine R, touch L
        5&6  shuffle L fwd
        7-8  rock R back
        section 2
        1-2  step pivot R 1/2 L
        3&4  coaster step R
        5-8  jazz box L 1/4 L
        """;
    String steps =
        """
        title: Steps
        section 1
        1-4  side R, behind L, side R, touch L
        5&6  fwd L, together R, fwd L
        7-8  rock back R, recover L
        section 2
        1-2  R fwd, 1/2 L
        3&4  back R, together L, fwd R
        5-8  cross L, back R, 1/4 L side L, together R
        """;
    assertEquals(measure(steps).reasons(), measure(names).reasons());
    assertEquals(
        DanceFacts.of(Dances.dance(steps), Level.BEGINNER).figures(),
        DanceFacts.of(Dances.dance(names), Level.BEGINNER).figures());
  }

  @Test
  public void aClubsTableTakesTheShippedOnesPlace() {
    Dance dance = Dances.dance(Dances.paperLanterns());
    LevelTable strict = LevelTable.standard().with("# ours\nrestarts 40 0 1 40\n");
    assertEquals(LevelMeasure.of(dance, BOOK, strict).level(), Level.ADVANCED);
    assertEquals(
        LevelMeasure.of(dance, BOOK, LevelTable.standard().with("")).level(), Level.HIGH_BEGINNER);
    for (String wrong : List.of("restarts 4 0 1", "restarts a 0 1 4", "width 1 1 1 1", "x")) {
      IllegalArgumentException refused =
          expectThrows(IllegalArgumentException.class, () -> LevelTable.standard().with(wrong));
      assertTrue(String.valueOf(refused.getMessage()).length() > 20, wrong);
    }
  }
}
