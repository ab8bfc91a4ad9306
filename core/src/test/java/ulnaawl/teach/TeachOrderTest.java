package ulnaawl.teach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.floor.Facing;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Brought;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.OpenDrill;
import ulnaawl.teach.school.School;
import ulnaawl.wall.EventId;
import ulnaawl.wall.Wall;
import ulnaawl.words.Speech;

/** A teach that an instructor would follow as it is: what comes before what, and what is said. */
public class TeachOrderTest {

  private static final FigureBook BOOK = FigureBook.standard();

  /** Two tags, the first after wall 2; a changed step before a restart; a phrased dance. */
  private static final Dance TAGS =
      Dances.dance(
          """
          title: Two tags
          start: weight L
          section 1: Rocks
          1-2    rock R side
          3&4    behind side cross R
          5-6    rock L side
          7&8    behind side cross L
          section 2: Pivot
          1&2    shuffle R fwd
          3-4    step pivot L 1/2 R
          5&6    shuffle L fwd
          7-8    walk R L
          tag Sigh
          1-4    sway R L R L
          tag Round
          1-2    rock R fwd
          3-4    1/4 R side R, together L
          phrasing
          after wall 2: tag Sigh
          after wall 5: tag Round
          """);

  private static final Dance CHANGED =
      Dances.dance(
          """
          title: Changed
          start: weight L
          section 1: Vine
          1-4    vine R, touch L
          5-8    vine L, touch R
          section 2: Walks
          1-4    walk R L R L
          5-8    1/4 R jazz box R
          phrasing
          wall 3: restart after 12 changing 11-12: stomp R, stomp L
          """);

  private static final Dance PHRASED =
      Dances.dance(
          """
          title: Parts
          start: weight L
          part A
          section 1: Vine
          1-4    vine R, touch L
          5-8    vine L, 1/2 L touch R
          part B
          section 2: Sways
          1-4    sway R L R L
          5-8    jazz box R
          phrasing
          order: A A B A A B
          """);

  private static Lesson lesson(Dance dance, Optional<Level> level) {
    return new Lesson(
        dance, BOOK, new Learner(Set.of(), Brought.NOTHING, TeachPace.LIVE, Map.of(), level));
  }

  private static Lesson fresh(Dance dance) {
    return lesson(dance, Optional.empty());
  }

  @DataProvider
  public Object[][] schools() {
    return Stream.of(School.values())
        .flatMap(school ->
            Stream.of(TAGS, CHANGED, PHRASED, Dances.dance(Dances.paperLanterns()))
                .map(dance -> new Object[] {school, dance}))
        .toArray(Object[][]::new);
  }

  @Test(dataProvider = "schools")
  public void noWallRunsBeforeWhatComesInItWasTaught(School school, Dance dance) {
    Lesson lesson = fresh(dance);
    for (int minutes = 4; minutes <= 40; minutes += 3) {
      Set<EventId> taught = new HashSet<>();
      for (Drill drill : Teach.of(lesson, school, minutes).drills()) {
        List<Wall> walls =
            switch (drill.scope()) {
              case Scope.Walls it -> lesson.walls().walls().subList(it.from() - 1, it.to());
              case Scope.Song _ -> lesson.song().walls();
              default -> List.of();
            };
        for (Wall wall : walls) {
          wall.events().forEach(it -> assertTrue(taught.contains(it.id()), school + " " + it.id()));
        }
        if (drill.scope() instanceof Scope.Event it) {
          boolean first = taught.add(it.event());
          assertEquals(drill.mode(), first ? Mode.WORDS : Mode.COUNTS, "words, then counts");
        }
      }
    }
  }

  @Test(dataProvider = "schools")
  public void noRungRisesByMoreThanFifteenPercent(School school, Dance dance) {
    for (int minutes = 4; minutes <= 60; minutes += 4) {
      int fastest = 0;
      for (Drill drill : Teach.of(fresh(dance), school, minutes).drills()) {
        if (drill.mode() != Mode.WORDS) {
          assertTrue(
              fastest == 0 || drill.percent() <= fastest + TempoLadder.LARGEST_RISE,
              school + " in " + minutes + ": " + fastest + " to " + drill.percent());
          assertTrue(fastest > 0 || drill.percent() <= 70, "it begins slowly");
          fastest = Math.max(fastest, drill.percent());
        }
      }
    }
  }

  /** The class is turned where it stands elsewhere, and only there. */
  @Test(dataProvider = "schools")
  public void theClassIsTurnedOnlyWhereItStandsElsewhere(School school, Dance dance) {
    Facing standing = Facing.FRONT;
    int turned = 0;
    for (Drill drill : Teach.of(fresh(dance), school, 30).drills()) {
      boolean elsewhere = !standing.equals(drill.startFacing());
      assertEquals(
          drill.say().contains(new Say.TurnTheClass(drill.startFacing())),
          elsewhere,
          school + " " + drill.scope());
      turned += elsewhere ? 1 : 0;
      standing = drill.endFacing();
    }
    assertTrue(turned > 0);
  }

  /** Words name the steps that differ, and a run-in of eight counts leads to them. */
  @Test
  public void exceptionsNameTheirSteps() {
    Drill tag = first(Teach.of(fresh(TAGS), School.ADD_ON, 30), new EventId.Tag("Round"));
    assertEquals(tag.counts(), 8 + 4 + 8);
    assertTrue(
        tag.say()
            .contains(
                new Say.ItsSteps(
                    false,
                    List.of("rock forward right", "side right quarter right", "together left"))),
        tag.say().toString());
    Drill restart = first(Teach.of(fresh(CHANGED), School.ADD_ON, 30), new EventId.Restart(12));
    assertTrue(
        restart.say().contains(new Say.ItsSteps(true, List.of("stomp right", "stomp left"))),
        restart.say().toString());
    // Wall 3 starts at 6; nothing turns in its first twelve counts.
    assertEquals(restart.startFacing().clock(), "6");
  }

  private static Drill first(Teach teach, EventId event) {
    return teach.drills().stream()
        .filter(it -> it.scope() instanceof Scope.Event own && own.event().equals(event))
        .findFirst()
        .orElseThrow();
  }

  /** A reminder goes up: words, counts, the back wall, exceptions, faster, in a row, music. */
  @Test
  public void aReminderGoesUpToTheSong() {
    for (School school : List.of(School.RECAP, School.REMINDER)) {
      Teach teach = Teach.of(fresh(TAGS), school, 40);
      List<Drill> drills = teach.drills();
      assertEquals(drills.getFirst().mode(), Mode.WORDS);
      assertEquals(drills.getLast().scope(), new Scope.Song());
      assertTrue(drills.stream().noneMatch(it -> it.repetitions() > 2), "no run again and again");
      assertTrue(drills.stream().anyMatch(it -> it.scope().equals(new Scope.Walls(2, 2))), "back");
      assertTrue(drills.stream().anyMatch(it -> it.percent() == 85));
      int left = 40 * 60 - teach.seconds();
      assertTrue(left < 60 || teach.reasons().contains(new TeachReason.GivesBack(left)));
    }
  }

  /** "Section 2 from 12, then on at 6": where it really starts. */
  @Test
  public void theLinkSaysWhereItStarts() {
    Drill link = scope(Teach.of(fresh(TAGS), School.ADD_ON, 30), new Scope.Link(2, 1));
    assertEquals(link.startFacing(), Facing.FRONT);
    List<String> said = link.say().stream().map(Speech.english().teach()::say).toList();
    assertTrue(said.contains("Section 2 from 12, then on into section 1 at 6."), said.toString());
  }

  private static Drill scope(Teach teach, Scope scope) {
    return teach.drills().stream().filter(it -> it.scope().equals(scope)).findFirst().orElseThrow();
  }

  /** A into A turns half, A into B and B into A: each is a piece, and the order is told first. */
  @Test
  public void thePartsOfAPhrasedDanceAreDrilledInTheirOrder() {
    Lesson lesson = fresh(PHRASED);
    Teach teach = Teach.of(lesson, School.SECTIONS, 40);
    Drill into = scope(teach, new Scope.Link(1, 2));
    assertEquals(into.mode(), Mode.WORDS);
    assertTrue(into.say().contains(new Say.Order(lesson.order())));
    // The second A starts at 6 and ends at 12.
    assertEquals(into.startFacing().clock(), "6");
    assertEquals(lesson.order().subList(0, 6), List.of("A", "A", "B", "A", "A", "B"));
    assertTrue(lesson.has(new Scope.Link(1, 1)) && lesson.has(new Scope.Link(2, 1)));
    boolean fromTheTop =
        teach.drills().stream()
            .flatMap(it -> it.say().stream())
            .anyMatch(Say.FromTheTop.class::isInstance);
    assertFalse(fromTheTop, "part B is not from the top");
  }

  /** A mirrored section is nearly as hard as a new one, and is said to be where people trip. */
  @Test
  public void aMirroredSectionIsNotAsEasyAsItsTwin() {
    Dance dance =
        Dances.dance(
            "title: M\nstart: weight L\nsection 1\n1-4  vine R, touch L\n5-8  side L, touch R, side"
                + " R, touch L\nsection 2\n1-4  vine L, touch R\n5-8  side R, touch L, side L,"
                + " touch R\n");
    Lesson lesson =
        new Lesson(
            dance,
            BOOK,
            new Learner(
                Set.copyOf(dance.figures()),
                Brought.NOTHING,
                TeachPace.LIVE,
                Map.of(),
                Optional.empty()));
    int twin = lesson.load(lesson.section(1)).tenths();
    int mirrored = lesson.load(lesson.section(2)).tenths();
    assertTrue(mirrored * 100 > twin * 70, mirrored + " against " + twin);
    Drill second = scope(Teach.of(lesson, School.ADD_ON, 20), new Scope.OneSection(2));
    assertTrue(second.say().contains(new Say.Mirrors(1)));
  }

  /** 64 counts for absolute beginners in a quarter of an hour: some tonight, the rest next week. */
  @Test
  public void tooMuchAtOnceIsSaidAndCanBeOverruled() {
    Dance lanterns = Dances.dance(Dances.paperLanterns());
    Lesson easy = lesson(lanterns, Optional.of(Level.IMPROVER));
    Lesson hard = lesson(lanterns, Optional.of(Level.ABSOLUTE_BEGINNER));
    assertTrue(Teach.of(easy, School.ADD_ON, 15).isWhole());
    Teach some = Teach.of(hard, School.ADD_ON, 15);
    assertFalse(some.isWhole());
    TeachReason.TooMuch why =
        some.reasons().stream()
            .flatMap(it -> it instanceof TeachReason.TooMuch own ? Stream.of(own) : Stream.empty())
            .findFirst()
            .orElseThrow();
    assertEquals(why.tonight(), some.reached());
    assertEquals(why.tonight().with(why.later()), SectionSet.upTo(4));
    assertEquals(Tonight.levelsAbove(hard), why.levelsAbove());
    assertTrue(some.reasons().contains(new TeachReason.LevelsAbove(why.levelsAbove())));
    Teach all = Teach.of(hard, School.ADD_ON, 15, 4);
    assertTrue(all.isWhole());
    assertTrue(all.reasons().contains(new TeachReason.ChosenSoFar(SectionSet.upTo(4))));
    assertEquals(
        all.howFar().stream().filter(HowFar::chosen).toList(), List.of(all.howFar().get(3)));
  }

  /** Somebody's own order is kept, and what is wrong with it is said. */
  @Test
  public void anOwnOrderIsToldWhatItRuns() {
    List<OpenDrill> slots = new ArrayList<>();
    slots.add(OpenDrill.counts(new Scope.Walls(1, 2), 70, 1, 1));
    slots.add(OpenDrill.counts(new Scope.Event(new EventId.Tag("Sigh"), 2), 70, 1, 1));
    slots.add(OpenDrill.counts(new Scope.Walls(1, 2), 100, 1, 1));
    Teach teach = Teach.of(fresh(TAGS), slots, 20);
    assertTrue(
        teach.reasons().contains(new TeachReason.DancedBeforeTaught(new EventId.Tag("Sigh"), 2)));
    assertTrue(teach.reasons().contains(new TeachReason.RisesTooFast(3, 70, 100)));
  }
}
