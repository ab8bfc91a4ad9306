package ulnaawl.teach.lesson;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Echo;
import ulnaawl.figure.FigureBook;

/** Loads, what practice does to them, and a group's own pace: worked by hand. */
public class PracticeTest {

  private static final FigureBook BOOK = FigureBook.standard();

  private static Load load(Dance dance, int section, Set<String> met) {
    return Load.of(dance.sections().get(section - 1), dance, Echo.of(dance), BOOK, met, false);
  }

  /** Eight walking counts are 8; what repeats leaves 35 %, what mirrors 60 %. */
  @Test
  public void loadsInPlainCounts() {
    Dance dance =
        Dances.dance(
            "title: T\nstart: weight L\nsection 1\n1-8  walk R L R L R L R L\n"
                + "section 2\n1-8  walk R L R L R L R L\n");
    assertEquals(load(dance, 1, Set.of()).parts().getFirst(), part(LoadReason.What.PLACES, 8, 80));
    // Its second half repeats its first: 80 % of 80.
    assertEquals(load(dance, 1, Set.of()).tenths(), 64);
    assertEquals(load(dance, 2, Set.of()).tenths(), 28);
  }

  /** By hand: 2 sailors of 3 places: 4 on the count, 2 between; a new beginner's figure 30 + 8. */
  @Test
  public void newFiguresAndTurnsWeighMore() {
    Dance dance =
        Dances.dance(
            "title: T\nstart: weight L\nsection 1\n1&2  sailor R\n3&4  sailor L 1/4 L\n5-8  walk R L"
                + " R L\n");
    Load fresh = load(dance, 1, Set.of());
    String sailor = dance.main().places().getFirst().figure();
    Load met = load(dance, 1, Set.of(sailor));
    int level = BOOK.find(sailor).orElseThrow().level().ordinal();
    assertEquals(fresh.tenths() - met.tenths(), 30 + 8 * level);
    assertTrue(met.parts().contains(part(LoadReason.What.PLACES, 8, 80)));
    assertTrue(met.parts().contains(part(LoadReason.What.BETWEEN_COUNTS, 2, 24)));
    assertTrue(met.parts().contains(part(LoadReason.What.EIGHTHS_OF_TURN, 2, 14)));
  }

  private static Load.Part part(LoadReason.What what, int number, int tenths) {
    return new Load.Part(new LoadReason.Counted(what, number), tenths);
  }

  /** The law: a piece of 2 plain counts is half learned in one full turn, 3/4 in two. */
  @Test
  public void eachTurnClosesTheSameShare() {
    assertEquals(Practice.practiceDone(1000, 20), 500);
    assertEquals(Practice.practiceDone(2000, 20), 750);
    assertEquals(Practice.practiceDone(2000, 40), 500);
    assertEquals(Practice.practiceDone(0, 20), 0);
    assertEquals(Practice.worth(Mode.WORDS, 100), 600);
    assertEquals(Practice.worth(Mode.COUNTS, 100), 1000);
    assertEquals(Practice.worth(Mode.COUNTS, 60), 550 + 450 * 60 / 100);
    for (int ready = 0; ready < 990; ready += 30) {
      assertEquals(Practice.practiceDone(Practice.exposureFor(ready, 120), 120), ready, 2);
    }
  }

  @Test
  public void aGroupsPaceIsLearnedAndOneOddEveningChangesLittle() {
    TeachPace.Past slow = new TeachPace.Past(600, 720, 150);
    assertEquals(TeachPace.LIVE.learned(List.of()), TeachPace.LIVE);
    // 150 % planned took a fifth longer: 180 %. One teach against three usual ones: 157.
    assertEquals(TeachPace.LIVE.learned(List.of(slow)).classPercent(), (180 + 3 * 150) / 4);
    List<TeachPace.Past> many = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      many.add(slow);
    }
    int steady = TeachPace.LIVE.learned(many).classPercent();
    assertEquals(steady, (180 * 9 + 3 * 150) / 12);
    many.set(4, new TeachPace.Past(600, 3600, 150));
    assertEquals(TeachPace.LIVE.learned(many).classPercent(), steady, "the fire alarm");
  }
}
