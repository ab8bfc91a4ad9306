package ulnaawl.plan;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.plan.ClassLine.Kind;

/** A running order fills its minutes and gives each dance its place. */
public class ClassPlannerTest {

  private static final LocalDate DAY = LocalDate.of(2026, 9, 1);

  @Test
  public void fillsTheMinutesExactly() {
    qt().withExamples(500)
        .forAll(integers().between(20, 240), integers().between(0, 30), integers().all())
        .check((minutes, dances, seed) -> {
          ClassPlan plan = ClassPlanner.plan(request(minutes, dances, new Random(seed)));
          int at = 0;
          for (ClassLine line : plan.lines()) {
            if (line.start() != at || line.minutes() < 1 || line.reasons().isEmpty()) {
              return false;
            }
            at += line.minutes();
          }
          return at == minutes
              && plan.lines().getFirst().kind() == Kind.WARM_UP
              && plan.lines().getLast().kind() == Kind.FINISH;
        });
  }

  @Test
  public void givesEachDanceItsPlace() {
    List<DanceForGroup> dances =
        List.of(
            dance(1, Level.BEGINNER, Stage.KNOWN, 40, 40, Set.of()),
            dance(2, Level.BEGINNER, Stage.KNOWN, 40, 40, Set.of()),
            dance(3, Level.BEGINNER, Stage.PRACTISED, -3, 14, Set.of()),
            dance(4, Level.HIGH_BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of("sailor step")),
            dance(5, Level.ADVANCED, Stage.NOT_STARTED, 0, 0, Set.of("sailor step")),
            dance(6, Level.BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of("vine", "jazz box")));
    ClassPlan plan = ClassPlanner.plan(new ClassRequest(DAY, 60, Level.BEGINNER, dances));
    assertEquals(dancesOf(plan, Kind.REMINDER), List.of(3L));
    assertEquals(
        dancesOf(plan, Kind.TEACH),
        List.of(6L, 4L),
        "its own level first; what is left goes to the next above, never to an advanced one");
    assertEquals(
        line(plan, Kind.TEACH).reasons().getFirst(),
        new PlanReason.NewDance(Level.BEGINNER, Level.BEGINNER, List.of("jazz box", "vine")));
    assertEquals(
        line(plan, Kind.REMINDER).reasons(),
        List.of(new PlanReason.Due(DAY.minusDays(3), DAY, Stage.PRACTISED, 6)));
    assertEquals(dancesOf(plan, Kind.FINISH).size(), 1);
  }

  /** An hour and a half has a rest in it, a short class has none; both are laid out by hand. */
  @Test
  public void aLongClassHasARestAndEveryClassWarmsUpAndPractises() {
    List<DanceForGroup> dances =
        List.of(
            dance(1, Level.ABSOLUTE_BEGINNER, Stage.KNOWN, 30, 40, Set.of()),
            dance(2, Level.HIGH_BEGINNER, Stage.KNOWN, 30, 60, Set.of()),
            dance(3, Level.BEGINNER, Stage.TAUGHT, 4, 7, Set.of()),
            dance(4, Level.BEGINNER, Stage.PRACTISED, 9, 14, Set.of()),
            dance(5, Level.BEGINNER, Stage.RUSTY, -60, 14, Set.of()),
            dance(6, Level.BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of("vine")));
    ClassPlan plan = ClassPlanner.plan(new ClassRequest(DAY, 90, Level.BEGINNER, dances));
    assertEquals(dancesOf(plan, Kind.WARM_UP), List.of(1L), "the easiest that is known");
    assertEquals(line(plan, Kind.WARM_UP).minutes(), 9, "a tenth of the class");
    assertEquals(dancesOf(plan, Kind.REMINDER), List.of(5L), "what is due");
    assertEquals(line(plan, Kind.BREAK).minutes(), 5);
    assertEquals(
        line(plan, Kind.BREAK).reasons(), List.of(new PlanReason.NeedsRest(90)), plan.toString());
    assertEquals(dancesOf(plan, Kind.FINISH), List.of(2L), "the hardest that is known");
    assertTrue(dancesOf(plan, Kind.PRACTICE).containsAll(List.of(3L, 4L)), plan.toString());
    List<Kind> order = plan.lines().stream().map(ClassLine::kind).distinct().toList();
    assertEquals(
        order,
        List.of(Kind.WARM_UP, Kind.REMINDER, Kind.TEACH, Kind.BREAK, Kind.PRACTICE, Kind.FINISH));
    ClassPlan hour = ClassPlanner.plan(new ClassRequest(DAY, 60, Level.BEGINNER, dances));
    assertTrue(hour.lines().stream().noneMatch(it -> it.kind() == Kind.BREAK));
  }

  /** No dance has two places, and reminders take no more than three tenths of the minutes. */
  @Test
  public void noDanceHasTwoPlaces() {
    qt().withExamples(500)
        .forAll(integers().between(20, 240), integers().between(0, 30), integers().all())
        .checkAssert((minutes, dances, seed) -> {
          ClassRequest request = request(minutes, dances, new Random(seed));
          ClassPlan plan = ClassPlanner.plan(request);
          List<Long> taught = dancesOf(plan, Kind.TEACH);
          // What is taught today is danced once more in the practice.
          List<Long> planned =
              plan.lines().stream()
                  .filter(it ->
                      it.kind() != Kind.PRACTICE || it.dance().filter(taught::contains).isEmpty())
                  .flatMap(it -> it.dance().stream())
                  .toList();
          assertEquals(Set.copyOf(planned).size(), planned.size(), plan.toString());
          int reminders =
              plan.lines().stream()
                  .filter(it -> it.kind() == Kind.REMINDER)
                  .mapToInt(ClassLine::minutes)
                  .sum();
          assertTrue(reminders * 10 <= minutes * 3, plan.toString());
          for (ClassLine line : plan.lines()) {
            Optional<DanceForGroup> known =
                request.dances().stream()
                    .filter(one -> line.dance().filter(it -> it == one.dance()).isPresent())
                    .findFirst();
            if (known.isEmpty()) {
              continue;
            }
            DanceForGroup dance = known.get();
            Stage stage = dance.standing().stage();
            switch (line.kind()) {
              case WARM_UP -> assertTrue(dance.isDanced() && stage != Stage.RUSTY, line.toString());
              case REMINDER -> assertTrue(dance.standing().isDueBy(DAY), line.toString());
              case TEACH ->
                  assertTrue(
                      stage == Stage.STARTED
                          || (stage == Stage.NOT_STARTED
                              && dance.level().above(Level.BEGINNER) <= 1),
                      line.toString());
              case FINISH -> assertEquals(stage, Stage.KNOWN, line.toString());
              case PRACTICE ->
                  assertTrue(dance.isDanced() || taught.contains(dance.dance()), line.toString());
              case BREAK -> throw new AssertionError(line + " is a break");
            }
          }
        });
  }

  /** Which of two dances comes next, from best to worst. Common practice, no source. */
  @Test
  public void theNextDanceSuitsTheGroup() {
    List<DanceForGroup> best =
        List.of(
            dance(1, Level.IMPROVER, Stage.STARTED, 0, 7, Set.of("vine")),
            dance(2, Level.BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of("vine", "jazz box")),
            dance(3, Level.BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of()),
            dance(4, Level.ABSOLUTE_BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of("vine")),
            dance(5, Level.HIGH_BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of("vine")));
    for (int from = 0; from < best.size(); from++) {
      List<DanceForGroup> some = new ArrayList<>(best.subList(from, best.size()));
      Collections.reverse(some);
      some.add(dance(9, Level.IMPROVER, Stage.NOT_STARTED, 0, 0, Set.of("vine")));
      Optional<NextDance.Choice> chosen =
          NextDance.choose(new ClassRequest(DAY, 60, Level.BEGINNER, some), Set.of());
      assertEquals(chosen.orElseThrow().dance().dance(), best.get(from).dance());
    }
    List<DanceForGroup> far =
        List.of(dance(9, Level.IMPROVER, Stage.NOT_STARTED, 0, 0, Set.of("vine")));
    assertEquals(
        NextDance.choose(new ClassRequest(DAY, 60, Level.BEGINNER, far), Set.of()),
        Optional.empty(),
        "two levels above is too far");
  }

  @Test
  public void finishesWhatWasStartedFirst() {
    List<DanceForGroup> dances =
        List.of(
            dance(1, Level.BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of("vine")),
            dance(2, Level.IMPROVER, Stage.STARTED, 0, 7, Set.of("vine")));
    ClassPlan plan = ClassPlanner.plan(new ClassRequest(DAY, 60, Level.BEGINNER, dances));
    assertEquals(dancesOf(plan, Kind.TEACH), List.of(2L, 1L));
    assertEquals(
        line(plan, Kind.TEACH).reasons().getFirst(), new PlanReason.GoOn(SectionSet.upTo(2), 4));
  }

  private static ClassLine line(ClassPlan plan, Kind kind) {
    return plan.lines().stream().filter(line -> line.kind() == kind).findFirst().orElseThrow();
  }

  private static List<Long> dancesOf(ClassPlan plan, Kind kind) {
    return plan.lines().stream()
        .filter(line -> line.kind() == kind)
        .flatMap(line -> line.dance().stream())
        .toList();
  }

  private static ClassRequest request(int minutes, int dances, Random random) {
    List<DanceForGroup> repertoire = new ArrayList<>();
    for (int i = 0; i < dances; i++) {
      repertoire.add(
          dance(
              i,
              Level.values()[random.nextInt(Level.values().length)],
              Stage.values()[random.nextInt(Stage.values().length)],
              random.nextInt(60) - 30,
              7 + random.nextInt(50),
              random.nextBoolean() ? Set.of() : Set.of("vine")));
    }
    return new ClassRequest(DAY, minutes, Level.BEGINNER, repertoire);
  }

  private static DanceForGroup dance(
      long number, Level level, Stage stage, int dueIn, int gap, Set<String> news) {
    boolean touched = stage != Stage.NOT_STARTED;
    Standing standing =
        new Standing(
            stage,
            stage,
            SectionSet.upTo(stage == Stage.STARTED ? 2 : 4),
            touched ? Optional.of(DAY.plusDays(dueIn - gap)) : Optional.empty(),
            touched ? Optional.of(DAY.plusDays(dueIn)) : Optional.empty(),
            gap,
            90,
            Optional.empty(),
            SectionSet.NONE,
            Optional.empty(),
            List.of());
    return new DanceForGroup(
        number, "Dance " + number, level, 4, standing, news.stream().sorted().toList(), 18, 6, 4);
  }
}
