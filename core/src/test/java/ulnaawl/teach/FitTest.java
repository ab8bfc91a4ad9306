package ulnaawl.teach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static ulnaawl.teach.Lessons.LANTERNS;
import static ulnaawl.teach.Lessons.fresh;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.RandomDance;
import ulnaawl.dance.Dance;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Practice;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.school.OpenDrill;
import ulnaawl.teach.school.School;

/** Repetitions for the minutes: the best there are, and never worse for more time. */
public class FitTest {

  /** Whatever the school and the dance: more time reaches as far, and the weakest is as ready. */
  @Test(dataProvider = "schools", dataProviderClass = Lessons.class)
  public void moreMinutesAreNeverWorseAndFewerNeverBetter(School school) {
    List<Dance> dances = new ArrayList<>(List.of(LANTERNS));
    for (long seed = 1; seed <= 5; seed++) {
      dances.add(Dances.dance(RandomDance.danceable(seed, 2 + (int) seed % 4)));
    }
    for (Dance dance : dances) {
      Lesson lesson = fresh(dance);
      int reaches = 0;
      int least = 0;
      for (int minutes = 1; minutes <= 34; minutes++) {
        Teach teach = Teach.of(lesson, school, minutes);
        boolean shortest =
            teach.reasons().stream().anyMatch(TeachReason.DoesNotFit.class::isInstance);
        assertTrue(shortest || teach.seconds() <= minutes * 60, minutes + " " + teach.seconds());
        assertTrue(teach.reached().size() >= reaches, minutes + " minutes");
        int now = teach.leastSection();
        assertTrue(now >= least, dance.title() + " " + minutes + ": " + now + " after " + least);
        reaches = teach.reached().size();
        least = now;
      }
    }
  }

  /** On small cases nothing that could be chosen is better: every choice, danced through. */
  @Test
  public void smallFitsAreTheBestThereAre() {
    Dance dance =
        Dances.dance(
            "title: Small\nstart: weight L\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n"
                + "section 2\n1&2  sailor R\n3&4  sailor L\n5-8  jazz box R 1/4 R\n");
    Lesson lesson = fresh(dance);
    List<OpenDrill> slots =
        List.of(
            OpenDrill.words(new Scope.OneSection(1), 1, 2),
            OpenDrill.counts(new Scope.OneSection(1), 70, 1, 3),
            OpenDrill.words(new Scope.OneSection(2), 1, 2),
            OpenDrill.counts(new Scope.OneSection(2), 70, 1, 3),
            OpenDrill.counts(new Scope.Run(1, 2), 80, 0, 3));
    for (int minutes = 1; minutes <= 6; minutes++) {
      Teach teach = Teach.of(lesson, slots, minutes);
      int best = -1;
      int fewest = Integer.MAX_VALUE;
      for (int code = 0; code < 2 * 3 * 2 * 3 * 4; code++) {
        int[] repetitions = {
          1 + code % 2, 1 + code / 2 % 3, 1 + code / 6 % 2, 1 + code / 12 % 3, code / 36
        };
        DrillWriter writer = new DrillWriter(lesson);
        Practice practice = lesson.before();
        int seconds = 0;
        for (int i = 0; i < slots.size(); i++) {
          if (repetitions[i] > 0) {
            Drill drill = writer.write(slots.get(i), repetitions[i]);
            seconds += drill.seconds();
            practice = practice.with(lesson, drill);
          }
        }
        fewest = Math.min(fewest, seconds);
        if (seconds <= minutes * 60) {
          int one = practice.practiceDone(lesson, new Piece.Steps(1));
          int two = practice.practiceDone(lesson, new Piece.Steps(2));
          best = Math.max(best, Math.min(one, two));
        }
      }
      if (fewest <= minutes * 60) {
        assertEquals(teach.leastSection(), best, minutes + " minutes");
        assertTrue(teach.seconds() <= minutes * 60);
      } else {
        assertEquals(teach.seconds(), fewest);
      }
    }
  }

  /**
   * Where not every choice is tried, the weakest section comes near the best there is: on small
   * cases, where both can be asked, within a twelfth on average and never under three quarters.
   */
  @Test
  public void theQuickFitComesNearTheBest() {
    double sum = 0;
    int asked = 0;
    for (long seed = 1; seed <= 12; seed++) {
      Lesson lesson = fresh(Dances.dance(RandomDance.danceable(seed, 2)));
      List<OpenDrill> slots =
          List.of(
              OpenDrill.words(new Scope.OneSection(1), 1, 3),
              OpenDrill.counts(new Scope.OneSection(1), 70, 1, 5),
              OpenDrill.words(new Scope.OneSection(2), 1, 3),
              OpenDrill.counts(new Scope.OneSection(2), 70, 1, 5),
              OpenDrill.counts(new Scope.Run(1, 2), 70, 1, 4));
      Fit fit = new Fit(lesson, slots, lesson.pieces());
      for (int seconds = 120; seconds <= 420; seconds += 30) {
        int best = fit.best(seconds).worth().leastSection();
        int quick = fit.greedy(seconds).worth().leastSection();
        assertTrue(quick <= best);
        if (fit.best(seconds).seconds() <= seconds) {
          assertTrue(quick * 4 >= best * 3, seed + " in " + seconds + ": " + quick + " of " + best);
          sum += quick / (double) best;
          asked++;
        }
      }
    }
    assertTrue(asked > 60 && sum / asked > 1 - 1 / 12.0, sum / asked + " of " + asked);
  }

  @Test
  public void lockedDrillsStayAndTheRestFits() {
    Lesson lesson = fresh(LANTERNS);
    List<OpenDrill> slots =
        List.of(
            OpenDrill.words(new Scope.OneSection(1), 1, 3),
            new OpenDrill(new Scope.OneSection(2), Mode.COUNTS, 60, 6, 6),
            OpenDrill.counts(new Scope.Join(1, 2), 70, 1, 4));
    Teach teach = Teach.of(lesson, slots, 4);
    assertEquals(teach.drills().get(1).repetitions(), 6);
    assertTrue(teach.seconds() <= 240);
    assertEquals(teach.rest().orElseThrow(), new TeachReason.NotDanced(SectionSet.between(3, 4)));
    Teach over = Teach.of(lesson, List.of(OpenDrill.words(new Scope.Walls(1, 8), 12, 12)), 1);
    assertTrue(over.reasons().stream().anyMatch(TeachReason.TooLong.class::isInstance));
  }
}
