package ulnaawl.level;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
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
      {PLAIN, "phrasing\nwall 3, 6: restart after 8\n", "2 restarts: +8", 8},
      {PLAIN, "phrasing\nwall 3: restart after 8 optional\n", "", 0},
      {PLAIN, "tag T\n1-2  sway R L\nphrasing\nafter wall 2: tag T\n", "1 tag or bridge: +3", 3},
      {
        PLAIN,
        "section 3\n1-3  rolling vine R\n4-8  walk L R L R L\n",
        "A turn of 8/8 in one figure: +4",
        15
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
        repeated.reasons().contains(new LevelReason.Factor(LevelFactor.REPETITION, 2, -2)),
        repeated.reasons().toString());
    assertTrue(
        varied.reasons().stream()
            .noneMatch(it ->
                it instanceof LevelReason.Factor one && one.factor() == LevelFactor.REPETITION));
  }

  @Test
  public void aFastSongIsHarder() {
    String song = "song: S / A / %d bpm / 3:00\n" + sections(2, PLAIN);
    assertEquals(measure(song.formatted(150)).points() - measure(song.formatted(100)).points(), 6);
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
                assertEquals(it, new LevelReason.Sum(sum, measured.level()));
                yield 0;
              }
            };
      }
      assertEquals(sum, measured.points(), measured.reasons().toString());
    }
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
