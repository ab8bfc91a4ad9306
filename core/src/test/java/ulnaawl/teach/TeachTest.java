package ulnaawl.teach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static ulnaawl.teach.Lessons.LANTERNS;
import static ulnaawl.teach.Lessons.brought;
import static ulnaawl.teach.Lessons.fresh;
import static ulnaawl.teach.Lessons.learner;
import static ulnaawl.teach.Lessons.ofCounts;
import static ulnaawl.teach.Lessons.shown;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.floor.Facing;
import ulnaawl.teach.lesson.Brought;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Exposure;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.OpenDrill;
import ulnaawl.teach.school.School;
import ulnaawl.teach.school.SchoolAdvice;
import ulnaawl.teach.school.SchoolReason;
import ulnaawl.wall.EventId;
import ulnaawl.words.Speech;
import ulnaawl.words.TeachSpeech;

/** Teaches keep their school's order, and say where everybody stands. */
public class TeachTest {

  private static final TeachSpeech SPEECH = Speech.english().teach();

  @Test(dataProvider = "schools", dataProviderClass = Lessons.class)
  public void theOrderOfTheSchoolIsNeverBroken(School school) {
    for (int minutes = 3; minutes <= 24; minutes += 3) {
      Lesson lesson = fresh(LANTERNS);
      Teach teach = Teach.of(lesson, school, minutes);
      List<OpenDrill> slots = school.order().slots(lesson, SectionSet.NONE, teach.reached().size());
      int at = 0;
      for (Drill drill : teach.drills()) {
        OpenDrill slot = slots.get(at++);
        while (!slot.scope().equals(drill.scope()) || slot.mode() != drill.mode()) {
          assertEquals(slot.least(), 0, "only what can be left out is left out: " + slot);
          slot = slots.get(at++);
        }
        assertTrue(drill.repetitions() >= slot.least() && drill.repetitions() <= slot.most());
      }
    }
  }

  /** Who was shown one section begins with it, whatever the school that goes on from there. */
  @Test(dataProvider = "schools", dataProviderClass = Lessons.class)
  public void whatWasShownComesFirst(School school) {
    for (int known : new int[] {1, 2, 3}) {
      Learner shown = learner(Set.of(), shown(SectionSet.upTo(known)));
      Teach teach = Teach.of(brought(shown), school, 20);
      Scope first = teach.drills().getFirst().scope();
      if (school.goesOn()) {
        assertEquals(
            first,
            known == 1 ? new Scope.OneSection(1) : new Scope.Run(1, known),
            school + " " + known);
        int next = school == School.BACK ? 4 : known + 1;
        assertEquals(teach.drills().getFirst().mode(), Mode.WORDS, "in words");
        assertEquals(teach.drills().get(1).scope(), first, "then in counts");
        assertEquals(teach.drills().get(1).mode(), Mode.COUNTS);
        assertEquals(teach.drills().get(2).scope(), new Scope.OneSection(next), "then the next");
      }
      assertTrue(teach.isWhole());
    }
  }

  /** Taught from the back, the next class goes on towards the start, and closes the dance. */
  @Test
  public void fromTheBackGoesOnTowardsTheStart() {
    SectionSet last = SectionSet.between(3, 4);
    Learner shown = learner(Set.of(), shown(last));
    Lesson lesson = brought(shown);
    SchoolAdvice advice = SchoolAdvice.of(lesson, Level.BEGINNER, false);
    assertEquals(advice, new SchoolAdvice(School.BACK, new SchoolReason.BegunFromTheBack()));
    Teach teach = Teach.of(lesson, School.BACK, 20);
    List<Scope> scopes = teach.drills().stream().map(Drill::scope).toList();
    assertEquals(scopes.getFirst(), new Scope.Run(3, 4), "a reminder of what was shown");
    assertEquals(scopes.get(2), new Scope.OneSection(2));
    assertTrue(scopes.indexOf(new Scope.Run(2, 4)) < scopes.indexOf(new Scope.OneSection(1)));
    assertTrue(teach.isWhole());
    Teach first = Teach.of(fresh(LANTERNS), School.BACK, 4);
    assertEquals(first.reached(), SectionSet.between(3, 4));
  }

  @Test
  public void carriesOverWhatDoesNotFit() {
    Teach teach = Teach.of(fresh(LANTERNS), School.ADD_ON, 4);
    assertEquals(
        SPEECH.reason(teach.rest().orElseThrow()),
        "To the end of section 2, facing 12; sections 3 and 4, the tag Lull and the restart after 16"
            + " next time, with a reminder in front.");
    Learner shown = learner(Set.of("vine"), shown(SectionSet.upTo(2)));
    Teach next = Teach.of(brought(shown), School.ADD_ON, 12);
    assertEquals(next.drills().getFirst().scope(), new Scope.Run(1, 2));
    assertEquals(next.drills().get(2).scope(), new Scope.OneSection(3));
    assertTrue(next.isWhole());
    Teach back = Teach.of(fresh(LANTERNS), School.BACK, 4);
    assertEquals(
        SPEECH.reason(back.rest().orElseThrow()).split(";")[0],
        "From section 3 to the end, beginning at 12");
  }

  /** By hand: wall 5 starts at 12 and its first 16 counts do not turn; 8 counts of run-in. */
  @Test
  public void exceptionsComeFromTheirOwnWallWithTheirRunIn() {
    List<Drill> drills = Teach.of(fresh(LANTERNS), School.PAIRS, 15).drills();
    Drill restart = drill(drills, new Scope.Event(new EventId.Restart(16), 5));
    assertEquals(restart.mode(), Mode.WORDS);
    assertEquals(restart.startFacing().clock(), "12");
    assertEquals(restart.counts(), 8 + 8);
    assertTrue(
        restart.say().contains(new Say.Event(new EventId.Restart(16), Facing.FRONT, Facing.FRONT)));
    assertEquals(
        restart.say().getLast(),
        new Say.ThenOn(
            List.of(
                "vine right",
                "touch left",
                "side left",
                "touch right",
                "side right",
                "touch left")));
    // Wall 2 starts at 9 and has turned half left by its count 24: to 3.
    Drill tag = drill(drills, new Scope.Event(new EventId.Tag("Lull"), 2));
    assertEquals(tag.startFacing().clock(), "3");
    assertEquals(tag.counts(), 8 + 4 + 8);
  }

  private static Drill drill(List<Drill> drills, Scope scope) {
    return drills.stream().filter(it -> it.scope().equals(scope)).findFirst().orElseThrow();
  }

  @Test
  public void nobodyLooksOverTheShoulder() {
    Drill fourth =
        Teach.of(fresh(LANTERNS), School.ADD_ON, 10).drills().stream()
            .filter(it -> it.scope().equals(new Scope.OneSection(4)))
            .findFirst()
            .orElseThrow();
    // Danced it begins at 6, with the back to the teacher.
    assertEquals(fourth.startFacing().clock(), "12");
    assertTrue(fourth.say().contains(new Say.ShownHere(new Facing(4))));
  }

  @Test
  public void whatIsMarkedGetsItsOwnBreakdownAndTurns() {
    Learner warned =
        new Learner(
            Set.of(),
            Brought.NOTHING,
            TeachPace.PLAIN,
            Map.of(3, "weight after the pivot"),
            Optional.empty());
    Lesson lesson = brought(warned);
    Teach teach = Teach.of(lesson, School.ADD_ON, 12);
    List<Drill> third =
        teach.drills().stream().filter(it -> it.scope().equals(new Scope.OneSection(3))).toList();
    assertEquals(third.size(), 3);
    assertEquals(third.get(1).percent(), 60);
    assertTrue(third.getFirst().say().contains(new Say.WatchOut("weight after the pivot")));
  }

  @Test
  public void readinessFillsUpDrillByDrill() {
    for (School school : School.values()) {
      Teach teach = Teach.of(fresh(LANTERNS), school, 12);
      List<Integer> last = teach.before();
      assertTrue(last.stream().allMatch(it -> it == 0));
      for (List<Integer> now : teach.steps()) {
        for (int i = 0; i < now.size(); i++) {
          assertTrue(now.get(i) >= last.get(i) && now.get(i) < 1000);
        }
        assertFalse(now.equals(last), "every drill adds something");
        last = now;
      }
    }
  }

  /** By hand: twice in words, three times in counts, a join that dances part of it twice. */
  @Test
  public void exposuresAreCountedByModeAndPace() {
    Teach teach =
        Teach.of(
            fresh(LANTERNS),
            List.of(
                new OpenDrill(new Scope.OneSection(1), Mode.WORDS, 100, 2, 2),
                new OpenDrill(new Scope.OneSection(1), Mode.COUNTS, 70, 1, 1),
                new OpenDrill(new Scope.Run(1, 2), Mode.COUNTS, 70, 2, 2),
                new OpenDrill(new Scope.Join(1, 2), Mode.COUNTS, 60, 2, 2)),
            20);
    assertEquals(
        teach.exposures().getFirst().stream().map(SPEECH::exposure).toList(),
        List.of("2 times in words", "3 times in counts at 70 %", "0.9 times in counts at 60 %"));
    assertEquals(
        teach.exposures().get(teach.pieces().indexOf(new Piece.Join(1, 2))),
        List.of(new Exposure(Mode.COUNTS, 70, 2000), new Exposure(Mode.COUNTS, 60, 2000)));
  }

  @Test
  public void schoolsAreProposedForAReason() {
    Lesson lesson = fresh(LANTERNS);
    assertEquals(SchoolAdvice.of(lesson, Level.BEGINNER, true).school(), School.RECAP);
    assertEquals(SchoolAdvice.of(lesson, Level.BEGINNER, false).school(), School.ADD_ON);
    assertEquals(SchoolAdvice.of(lesson, Level.INTERMEDIATE, false).school(), School.SECTIONS);
    assertEquals(
        SchoolAdvice.of(fresh(ofCounts(64, false)), Level.IMPROVER, false).school(), School.PAIRS);
  }
}
