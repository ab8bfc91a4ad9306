package ulnaawl.teach;

import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.teach.lesson.Brought;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.DrillTime;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.OpenDrill;
import ulnaawl.wall.EventId;

/**
 * The time of drills worked by hand, in milliseconds: talk, counting in, dancing, going back,
 * music. At 120 a minute a count takes 500, at 60 % of that 833 1/3, at 75 % 666 2/3.
 */
public class TeachTimeTest {

  /** Eight walls of sixteen counts; each turns a quarter. */
  private static final String WALKS =
      """
      title: Walks
      start: weight L
      intro: 16
      song: Walks / Nobody At All / 120 bpm / 2:30
      section 1
      1-8    walk R L R L R L R L
      section 2
      1-4    vine R, touch L
      5-8    vine L 1/4 L, touch R
      """;

  private static final String WALTZ =
      """
      title: Waltz
      meter: 3
      start: weight L
      song: Waltz / Nobody At All / 120 bpm
      section 1
      1-6    waltz basic R, waltz basic L back
      section 2
      1-6    waltz basic R, waltz basic L back
      """;

  private static final String TAGGED =
      WALKS + "tag Sigh\n1-4    sway R L R L\nphrasing\nafter wall 2: tag Sigh\n";

  private static DrillTime time(String text, TeachPace pace, OpenDrill slot) {
    Dance dance = Dances.dance(text);
    Lesson lesson =
        new Lesson(
            dance,
            FigureBook.standard(),
            new Learner(
                Set.copyOf(dance.figures()), Brought.NOTHING, pace, Map.of(), Optional.empty()));
    Drill drill = Teach.of(lesson, List.of(slot), 60).drills().getFirst();
    return drill.time();
  }

  private static OpenDrill slot(Scope scope, Mode mode, int percent, int times) {
    return OpenDrill.locked(scope, mode, percent, times);
  }

  /** Two seconds to fetch the class, five to set a section up; no figure is new. */
  @Test
  public void aSectionInWords() {
    OpenDrill twice = slot(new Scope.OneSection(1), Mode.WORDS, 100, 2);
    assertEquals(
        time(WALKS, TeachPace.PLAIN, twice), new DrillTime(7_000, 0, 2 * 8 * 1500, 1_000, 0));
    // Section 2 ends turned: a second more to go back and round.
    OpenDrill turned = slot(new Scope.OneSection(2), Mode.WORDS, 100, 3);
    assertEquals(
        time(WALKS, TeachPace.PLAIN, turned), new DrillTime(7_000, 0, 3 * 8 * 1500, 4_000, 0));
  }

  /**
   * Four counts are counted in, three in a waltz, each time; half as long again in a live class.
   */
  @Test
  public void aRunInCounts() {
    OpenDrill slow = slot(new Scope.Run(1, 2), Mode.COUNTS, 75, 3);
    assertEquals(
        time(WALKS, TeachPace.PLAIN, slow), new DrillTime(5_000, 3 * 2_667, 3 * 10_667, 4_000, 0));
    assertEquals(
        time(WALTZ, TeachPace.LIVE, slow),
        new DrillTime(7_500, 3 * 2_000 * 3 / 2, 3 * 8_000 * 3 / 2, 3_000, 0));
  }

  /** Eight counts of run-in, four of tag, eight of the next wall. */
  @Test
  public void aTagWithItsRunIn() {
    Scope tag = new Scope.Event(new EventId.Tag("Sigh"), 2);
    assertEquals(
        time(TAGGED, TeachPace.PLAIN, slot(tag, Mode.COUNTS, 75, 1)),
        new DrillTime(5_000, 2_667, 13_333, 0, 0));
  }

  /** Music is as long as it is, however many questions there are; only starting it takes longer. */
  @Test
  public void musicIsNotStretched() {
    OpenDrill song = slot(new Scope.Song(), Mode.MUSIC, 100, 1);
    assertEquals(
        time(WALKS, TeachPace.PLAIN, song), new DrillTime(3_000 + 2_000 + 6_000, 0, 0, 0, 150_000));
    assertEquals(time(WALKS, TeachPace.LIVE, song), new DrillTime(16_500, 0, 0, 0, 150_000));
    // Two walls and the tag after them: 16 counts of intro, 32 and 4.
    OpenDrill walls = slot(new Scope.Walls(1, 2), Mode.MUSIC, 100, 1);
    assertEquals(
        time(TAGGED, TeachPace.LIVE, walls), new DrillTime(16_500, 0, 0, 0, (16 + 36) * 500));
  }
}
