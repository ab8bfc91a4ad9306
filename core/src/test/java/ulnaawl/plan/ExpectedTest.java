package ulnaawl.plan;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.FigureBook;
import ulnaawl.learning.Happened;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.teach.Teach;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.School;

/** What a line will have been: never more of a dance than the group has been shown by then. */
public class ExpectedTest {

  private static final SectionSet HALF = SectionSet.upTo(2);
  private static final SectionSet ALL = SectionSet.upTo(4);

  private static Teach teach(int upTo) {
    Lesson lesson =
        new Lesson(
            Dances.dance(Dances.paperLanterns()),
            FigureBook.standard(),
            Learner.fresh(TeachPace.PLAIN));
    return Teach.of(lesson, School.ADD_ON, 20, upTo);
  }

  private static Teach none() {
    throw new AssertionError("only a teach is laid out");
  }

  @Test
  public void whatWasTaughtInPartIsDancedInPart() {
    Expected taught = Expected.of(Kind.TEACH, 4, SectionSet.NONE, () -> teach(2));
    assertEquals(taught, new Expected(Happened.INTRODUCED, HALF));
    for (Kind kind : new Kind[] {Kind.PRACTICE, Kind.REMINDER, Kind.FINISH}) {
      assertEquals(
          Expected.of(kind, 4, HALF, ExpectedTest::none), new Expected(Happened.INTRODUCED, HALF));
    }
  }

  @Test
  public void whatWasTaughtToTheEndIsDancedWhole() {
    assertEquals(
        Expected.of(Kind.TEACH, 4, HALF, () -> teach(4)), new Expected(Happened.TAUGHT, ALL));
    assertEquals(
        Expected.of(Kind.PRACTICE, 4, ALL, ExpectedTest::none),
        new Expected(Happened.DANCED_CALLED, ALL));
    assertEquals(
        Expected.of(Kind.REMINDER, 4, ALL, ExpectedTest::none), new Expected(Happened.WALKED, ALL));
    assertEquals(
        Expected.of(Kind.FINISH, 4, ALL, ExpectedTest::none), new Expected(Happened.DANCED, ALL));
  }
}
