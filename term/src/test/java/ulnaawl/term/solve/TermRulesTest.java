package ulnaawl.term.solve;

import static org.testng.Assert.assertEquals;

import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.test.api.score.stream.ConstraintVerifier;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.testng.annotations.Test;
import ulnaawl.figure.Level;
import ulnaawl.plan.Theme;
import ulnaawl.term.Begun;
import ulnaawl.term.Clubs;
import ulnaawl.term.Course;
import ulnaawl.term.Courses;
import ulnaawl.term.Leader;
import ulnaawl.term.TermDance;
import ulnaawl.term.TermGroup;
import ulnaawl.term.TermProblem;
import ulnaawl.term.TermRule;
import ulnaawl.term.Wish;

/** Each rule by itself: where it is broken and how badly, and where it is not. */
public class TermRulesTest {

  private static final Leader ANN = new Leader(1, "Ann", Set.of(1L, 2L, 3L, 4L));
  private static final Leader BO = new Leader(2, "Bo", Set.of(3L));

  private static final TermDance WEAVE =
      Clubs.dance(1, Level.BEGINNER, 4, "waltz", 2, Set.of("weave"));
  private static final TermDance VINE =
      Clubs.dance(4, Level.BEGINNER, 3, "waltz", 2, Set.of("vine"));
  private static final TermDance MUCH =
      Clubs.dance(
          3, Level.HIGH_BEGINNER, 4, "polka", 4, Set.of("rock", "mambo", "chasse", "coaster step"));
  private static final TermDance HARD =
      Clubs.dance(2, Level.ADVANCED, 16, "polka", 4, Set.of("rock"));

  private static final TermGroup ONE =
      Clubs.group(1, Level.BEGINNER, 10, 2, Set.of(), List.of(ANN, BO));
  private static final TermGroup TWO =
      Clubs.group(6, Level.BEGINNER, 10, 2, Set.of(), List.of(ANN, BO));

  private static final TermProblem PROBLEM =
      Clubs.problem(List.of(ONE, TWO), List.of(WEAVE, HARD, MUCH, VINE), List.of(), List.of());
  private static final Courses COURSES = new Courses(PROBLEM);

  private final ConstraintVerifier<TermRules, Term> verifier =
      ConstraintVerifier.build(new TermRules(), Term.class, Slot.class, ClassLeader.class);

  private long number;

  private static Course fresh(TermGroup group, TermDance dance, int start) {
    return COURSES.fresh(group, dance, start).orElseThrow();
  }

  private Slot slot(TermGroup group, Course course) {
    return slot(group, course, false, Optional.empty());
  }

  private Slot slot(TermGroup group, Course course, boolean surplus, Optional<Course> before) {
    Slot slot =
        new Slot(
            ++number,
            group.id(),
            Optional.of(group.level()),
            course.kind(),
            Optional.empty(),
            surplus,
            false,
            List.of(course),
            before);
    slot.put(course);
    return slot;
  }

  private Slot empty(TermGroup group, Course.Kind kind, Course option) {
    return new Slot(
        ++number,
        group.id(),
        Optional.of(group.level()),
        kind,
        Optional.of(option.dance()),
        false,
        false,
        List.of(option),
        Optional.of(option));
  }

  private ClassLeader led(TermGroup group, int index, Optional<Leader> by) {
    ClassLeader leading =
        new ClassLeader(++number, group.classes().get(index), false, Optional.of(ANN));
    leading.setLeader(by.orElse(null));
    return leading;
  }

  private int impact(BiFunction<TermRules, ConstraintFactory, Constraint> rule, Object... given) {
    var told = verifier.verifyThat(rule).given(given);
    List<Integer> found = new ArrayList<>();
    for (int amount = 0; amount <= 80 && found.isEmpty(); amount++) {
      try {
        told.penalizesBy(amount);
        found.add(-amount);
      } catch (AssertionError notThat) {
        try {
          told.rewardsWith(amount);
          found.add(amount);
        } catch (AssertionError norThat) {
          // Another amount.
        }
      }
    }
    return found.getFirst();
  }

  @Test
  public void aClassHoldsSoManyMinutes() {
    int room = ONE.classes().getFirst().danceMinutes();
    Slot weave = slot(ONE, fresh(ONE, WEAVE, 0));
    Slot vine = slot(ONE, fresh(ONE, VINE, 0));
    Slot much = slot(ONE, fresh(ONE, MUCH, 0));
    int all =
        List.of(weave, vine, much).stream()
            .mapToInt(it -> it.in().appearances().getFirst().minutes())
            .sum();
    assertEquals(impact((_, in) -> AlwaysRules.minutes(in), weave), 0);
    int over =
        Arrays.stream(new int[] {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})
            .map(week ->
                List.of(weave, vine, much).stream()
                        .flatMap(it -> it.in().appearances().stream())
                        .filter(it -> it.at().index() == week)
                        .mapToInt(it -> it.minutes())
                        .sum()
                    - room)
            .filter(it -> it > 0)
            .sum();
    assertEquals(all > room, over > 0);
    assertEquals(impact((_, in) -> AlwaysRules.minutes(in), weave, vine, much), -over);
  }

  @Test
  public void whatLeadsToAFigureComesBeforeIt() {
    Slot weave = slot(ONE, fresh(ONE, WEAVE, 4));
    assertEquals(impact((_, in) -> AlwaysRules.ledTo(in), weave), -1, "a vine leads to a weave");
    assertEquals(
        impact((_, in) -> AlwaysRules.ledTo(in), weave, slot(ONE, fresh(ONE, VINE, 1))), 0);
    assertEquals(
        impact((_, in) -> AlwaysRules.ledTo(in), weave, slot(ONE, fresh(ONE, VINE, 5))), -1);
    assertEquals(
        impact((_, in) -> AlwaysRules.ledTo(in), weave, slot(TWO, fresh(TWO, VINE, 1))),
        -1,
        "another group's vine leads to nothing here");
  }

  @Test
  public void levelsTwiceAndTooMany() {
    assertEquals(
        impact((_, in) -> AlwaysRules.level(in), slot(ONE, fresh(ONE, HARD, 0))),
        -(Level.ADVANCED.above(Level.BEGINNER) - 1));
    assertEquals(impact((_, in) -> AlwaysRules.level(in), slot(ONE, fresh(ONE, MUCH, 0))), 0);
    Slot first = slot(ONE, fresh(ONE, VINE, 0));
    assertEquals(
        impact((_, in) -> AlwaysRules.twice(in), first, slot(ONE, fresh(ONE, VINE, 3))), -1);
    assertEquals(
        impact((_, in) -> AlwaysRules.twice(in), first, slot(TWO, fresh(TWO, VINE, 3))), 0);
    assertEquals(
        impact(
            (_, in) -> AlwaysRules.mostNew(in),
            first,
            slot(ONE, fresh(ONE, MUCH, 3), true, Optional.empty())),
        -1);
  }

  @Test
  public void whatWasBegunIsNotDropped() {
    Begun begun = Clubs.started(1, WEAVE);
    Course course = COURSES.goingOn(ONE, WEAVE, begun, 0).orElseThrow();
    assertEquals(course.kind(), Course.Kind.GO_ON);
    assertEquals(
        impact((_, in) -> AlwaysRules.notDropped(in), empty(ONE, Course.Kind.GO_ON, course)), -1);
    assertEquals(impact((_, in) -> AlwaysRules.notDropped(in), slot(ONE, course)), 0);
    assertEquals(
        impact((_, in) -> AlwaysRules.known(in), slot(ONE, fresh(ONE, VINE, 9))),
        -1,
        "too late to be known");
    Begun known = Clubs.known(1, VINE, 4);
    Course back = COURSES.goingOn(ONE, VINE, known, 2).orElseThrow();
    assertEquals(back.kind(), Course.Kind.RETURN);
    assertEquals(impact((_, in) -> ShapeRules.rests(in), empty(ONE, Course.Kind.RETURN, back)), -1);
    assertEquals(impact((_, in) -> ShapeRules.late(in), slot(ONE, back)), -back.late());
  }

  @Test
  public void whoLeadsCanTeachAndLeadsOneClassAtATime() {
    Slot weave = slot(ONE, fresh(ONE, WEAVE, 0));
    int classes = (int) weave.in().appearances().stream().filter(it -> it.isTeach()).count();
    assertEquals(classes, 1);
    assertEquals(
        impact((_, in) -> AlwaysRules.canTeach(in), weave, led(ONE, 0, Optional.of(BO))), -1);
    assertEquals(
        impact((_, in) -> AlwaysRules.canTeach(in), weave, led(ONE, 0, Optional.empty())), -1);
    assertEquals(
        impact((_, in) -> AlwaysRules.canTeach(in), weave, led(ONE, 0, Optional.of(ANN))), 0);
    // Both groups meet on the same day at the same time.
    assertEquals(
        impact(
            (_, in) -> AlwaysRules.oneAtATime(in),
            led(ONE, 3, Optional.of(ANN)),
            led(TWO, 3, Optional.of(ANN))),
        -1);
    assertEquals(
        impact(
            (_, in) -> AlwaysRules.oneAtATime(in),
            led(ONE, 3, Optional.of(ANN)),
            led(TWO, 3, Optional.of(BO))),
        0);
    assertEquals(impact((_, in) -> LeaderRules.noLeader(in), led(ONE, 3, Optional.empty())), -1);
    assertEquals(impact((_, in) -> LeaderRules.otherLeader(in), led(ONE, 3, Optional.of(BO))), -1);
    assertEquals(impact((_, in) -> LeaderRules.otherLeader(in), led(ONE, 3, Optional.of(ANN))), 0);
    assertEquals(
        impact((_, in) -> LeaderRules.changedLeader(in), led(ONE, 3, Optional.of(BO))), -1);
  }

  @Test
  public void wishesThemesAndLevels() {
    Slot vine = slot(ONE, fresh(ONE, VINE, 2));
    assertEquals(impact((_, in) -> WishRules.newDance(in), vine), 1);
    assertEquals(impact((_, in) -> WishRules.asked(in), vine, new Wish(1, 4, 2)), 2);
    assertEquals(
        impact((_, in) -> WishRules.asked(in), vine, new Wish(1, 4, 9)), 3, "three at most");
    assertEquals(impact((_, in) -> WishRules.asked(in), vine, new Wish(6, 4, 2)), 0);
    LocalDate day = ONE.classes().get(2).date();
    assertEquals(
        impact((_, in) -> WishRules.theme(in), vine, new Theme("W", day, day, Set.of("waltz"))), 1);
    assertEquals(
        impact(
            (_, in) -> WishRules.theme(in),
            vine,
            new Theme("W", day.plusDays(1), day.plusDays(2), Set.of("waltz"))),
        0);
    assertEquals(impact((_, in) -> WishRules.aboveLevel(in), slot(ONE, fresh(ONE, MUCH, 0))), -1);
    TermGroup high = Clubs.group(2, Level.INTERMEDIATE, 10, 2, Set.of(), List.of(ANN));
    assertEquals(
        impact((_, in) -> WishRules.belowLevel(in), slot(high, fresh(high, VINE, 0))),
        -Level.INTERMEDIATE.above(Level.BEGINNER));
  }

  @Test
  public void dancesThatGroupsShareByTheSocial() {
    LocalDate end = ONE.classes().getLast().date().plusDays(1);
    Slot one = slot(ONE, fresh(ONE, VINE, 1));
    Slot two = slot(TWO, fresh(TWO, VINE, 4));
    Social mine = new Social(1, end);
    Social theirs = new Social(6, end);
    assertEquals(impact((_, in) -> WishRules.sharedWithAnother(in), one, two, mine, theirs), 1);
    assertEquals(
        impact((_, in) -> WishRules.sharedWithAnother(in), one, two, mine), 0, "they do not come");
    LocalDate before = ONE.classes().get(2).date();
    assertEquals(
        impact(
            (_, in) -> WishRules.sharedWithAnother(in),
            one,
            two,
            new Social(1, before),
            new Social(6, before)),
        0,
        "not known by then");
    assertEquals(
        impact((_, in) -> WishRules.sharedWithOneThatKnows(in), one, mine, new KnownBefore(6, 4)),
        1);
    assertEquals(
        impact((_, in) -> WishRules.sharedWithOneThatKnows(in), one, mine, new KnownBefore(1, 4)),
        0);
  }

  @Test
  public void varietyNewsAndLoad() {
    Slot weave = slot(ONE, fresh(ONE, WEAVE, 4));
    Slot vine = slot(ONE, fresh(ONE, VINE, 1));
    assertEquals(impact((_, in) -> ShapeRules.sameStyle(in), weave, vine), -1);
    assertEquals(impact((_, in) -> ShapeRules.sameWalls(in), weave, vine), -1);
    assertEquals(impact((_, in) -> ShapeRules.sameSpeed(in), weave, vine), -1);
    Slot other = slot(TWO, fresh(TWO, VINE, 1));
    assertEquals(impact((_, in) -> ShapeRules.sameStyle(in), weave, other), 0, "another group");
    Slot much = slot(ONE, fresh(ONE, MUCH, 3));
    assertEquals(impact((_, in) -> ShapeRules.sameStyle(in), much, vine), 0);
    int news = much.in().news().size();
    assertEquals(impact((_, in) -> ShapeRules.tooMuchNews(in), much), -(news - 2));
    assertEquals(
        impact((_, in) -> ShapeRules.twoTeaches(in), weave, slot(ONE, fresh(ONE, MUCH, 4))), -1);
    assertEquals(impact((_, in) -> ShapeRules.twoTeaches(in), weave, vine), 0);
    int minutes = vine.in().appearances().getFirst().minutes();
    assertEquals(impact((_, in) -> ShapeRules.uneven(in), vine), -(minutes * minutes / 100));
  }

  @Test
  public void whatIsChangedIsCounted() {
    Course at = fresh(ONE, VINE, 1);
    assertEquals(
        impact((_, in) -> LeaderRules.changedDance(in), slot(ONE, at, false, Optional.of(at))), 0);
    assertEquals(
        impact(
            (_, in) -> LeaderRules.changedDance(in),
            slot(ONE, fresh(ONE, VINE, 2), false, Optional.of(at))),
        -1,
        "at another time");
    assertEquals(
        impact(
            (_, in) -> LeaderRules.changedDance(in),
            slot(ONE, fresh(ONE, WEAVE, 2), false, Optional.of(at))),
        -2,
        "another dance");
    assertEquals(
        impact((_, in) -> LeaderRules.changedDance(in), empty(ONE, Course.Kind.NEW, at)), -2);
  }

  /** Each rule has its row, and its sign: what holds always takes away. */
  @Test
  public void everyRuleHasItsPrice() {
    for (TermRule rule : TermRule.values()) {
      assertEquals(rule.isHard() && rule.points() != -1, false, rule.inFile());
      assertEquals(rule.points() == 0, false, rule.inFile());
    }
  }
}
