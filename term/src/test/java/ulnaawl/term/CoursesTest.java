package ulnaawl.term;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import ulnaawl.figure.Level;
import ulnaawl.learning.Happened;
import ulnaawl.people.PersonId;
import ulnaawl.term.TermPlan.Led;
import ulnaawl.term.TermPlan.Start;
import ulnaawl.term.solve.TermPlanner.Unmet;
import ulnaawl.term.words.TermSpeech;

/** How a dance goes through a term, what differs between two plans, and how that is said. */
public class CoursesTest {

  private static final PersonId BOB = new PersonId(1);
  private static final PersonId ANNE = new PersonId(2);

  private static final Leader ANN = new Leader(1, "Ann", Set.of(1L, 2L));
  private static final TermDance SHORT = Clubs.dance(1, Level.BEGINNER, 3, "waltz", 2, Set.of());
  private static final TermDance LONG = Clubs.dance(2, Level.BEGINNER, 14, "waltz", 2, Set.of());
  private static final TermSpeech SAYS =
      TermSpeech.english(
          new TermSpeech.Names() {
            @Override
            public String group(long id) {
              return "Group " + id;
            }

            @Override
            public String dance(long id) {
              return "Dance " + id;
            }

            @Override
            public String leader(long id) {
              return id == 1 ? "Ann" : "Bo";
            }
          });

  private static TermGroup group(Set<Integer> closed) {
    return Clubs.group(1, Level.BEGINNER, 12, 2, closed, List.of(ANN));
  }

  private static Course fresh(TermGroup group, TermDance dance, int start) {
    TermProblem problem = Clubs.problem(List.of(group), List.of(SHORT, LONG), List.of(), List.of());
    return new Courses(problem).fresh(group, dance, start).orElseThrow();
  }

  private static List<Happened> done(Course course) {
    return course.appearances().stream().map(Appearance::happened).toList();
  }

  /** What was taught lately is danced again until it is known. Common practice, no source. */
  @Test
  public void aShortDanceIsTaughtDancedAndKnown() {
    Course course = fresh(group(Set.of()), SHORT, 2);
    assertEquals(
        done(course).subList(0, 3),
        List.of(Happened.TAUGHT, Happened.DANCED_CALLED, Happened.DANCED));
    assertEquals(
        IntStream.range(0, 3).mapToObj(i -> course.appearances().get(i).at().index()).toList(),
        List.of(2, 3, 4));
    assertEquals(course.known(), Optional.of(course.appearances().get(2).at().date()));
    assertTrue(
        course.appearances().stream().skip(3).allMatch(it -> it.happened() == Happened.DANCED));
  }

  /** A teach that is longer than a class goes on in the next one, over a closed week too. */
  @Test
  public void aLongTeachGoesOnWithoutAGap() {
    Course course = fresh(group(Set.of(4)), LONG, 2);
    long teaches = course.appearances().stream().filter(Appearance::isTeach).count();
    assertTrue(teaches > 1, "it is longer than a class");
    assertEquals(done(course).get((int) teaches - 1), Happened.TAUGHT);
    assertTrue(
        done(course).subList(0, (int) teaches - 1).stream()
            .allMatch(it -> it == Happened.INTRODUCED));
    assertEquals(course.appearances().get(1).at().week(), 5, "week 4 is closed");
    int all =
        course.appearances().stream()
            .filter(Appearance::isTeach)
            .mapToInt(Appearance::minutes)
            .sum();
    assertTrue(all >= ulnaawl.teach.lesson.TeachLength.fullMinutes(14 * 8), "all of the teach");
  }

  @Test
  public void aDanceThatIsKnownComesBackWhenItIsDue() {
    TermGroup group = group(Set.of());
    Begun known = Clubs.known(1, SHORT, 3);
    Courses courses =
        new Courses(Clubs.problem(List.of(group), List.of(SHORT), List.of(known), List.of()));
    List<Course> options = courses.goingOn(group, known);
    LocalDate due = known.standing().due().orElseThrow();
    assertFalse(options.getFirst().first().date().isBefore(due), "not before it is due");
    assertEquals(options.getFirst().late(), 0);
    assertEquals(options.get(1).late(), 1);
    assertTrue(courses.fresh(group).isEmpty(), "it is nothing new any more");
  }

  @Test
  public void changesAreCountedSaidAndTakenOneByOne() {
    LocalDate day = Clubs.FIRST;
    TermPlan before =
        new TermPlan(
            List.of(new Start(1, 1, day, false), new Start(1, 2, day, true)),
            List.of(new Led(1, day, 1, false)));
    TermPlan after =
        new TermPlan(
            List.of(new Start(1, 1, day.plusWeeks(1), false), new Start(2, 2, day, false)),
            List.of(new Led(1, day, 2, false)));
    List<TermChange> changes = TermChange.between(before, after);
    assertEquals(
        changes.stream().map(SAYS::change).toList(),
        List.of(
            "Group 1: Dance 1 moves from 7 September to 14 September.",
            "Group 1: Dance 2 goes out, it stood on 7 September.",
            "Group 2: Dance 2 comes in on 7 September.",
            "Group 1 on 7 September: Bo leads instead of Ann."));
    TermPlan taken = before;
    for (TermChange change : changes) {
      taken = change.in(taken);
    }
    assertEquals(Set.copyOf(taken.starts()), Set.copyOf(after.starts()));
    assertEquals(taken.led(), after.led());
    assertEquals(TermChange.between(before, changes.get(1).in(before)).size(), 1);
  }

  @Test
  public void everyRuleHasItsWords() {
    Course course = fresh(group(Set.of()), SHORT, 0);
    for (TermRule rule : TermRule.values()) {
      String words =
          SAYS.match(
              new TermMatch(rule, 1, List.of(SHORT), List.of(course.first()), 2, rule.points()));
      assertTrue(words.endsWith(".") && !words.contains("null"), words);
      assertFalse(SAYS.rule(rule).isEmpty());
    }
    assertEquals(
        SAYS.unmet(new Unmet(new Wish(1, 1, 1), Optional.empty(), List.of(), 0)).size(), 1);
  }

  @Test
  public void whoLedMostOfTheLastClassesLeadsUsually() {
    assertEquals(Leader.usual(List.of(BOB, ANNE, BOB, ANNE, ANNE)), Optional.of(ANNE));
    assertEquals(Leader.usual(List.of(BOB, ANNE, ANNE, BOB)), Optional.of(BOB));
    assertEquals(Leader.usual(List.of()), Optional.empty());
  }
}
