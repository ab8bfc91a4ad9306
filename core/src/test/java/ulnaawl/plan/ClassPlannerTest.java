package ulnaawl.plan;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
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
            if (line.start() != at || line.minutes() < 1 || line.reason().isBlank()) {
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
    List<Repertoire> dances =
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
    assertTrue(line(plan, Kind.TEACH).reason().contains("new: jazz box and vine"));
    assertTrue(line(plan, Kind.REMINDER).reason().startsWith("Due 3 days ago"));
    assertEquals(dancesOf(plan, Kind.FINISH).size(), 1);
  }

  @Test
  public void finishesWhatWasStartedFirst() {
    List<Repertoire> dances =
        List.of(
            dance(1, Level.BEGINNER, Stage.NOT_STARTED, 0, 0, Set.of("vine")),
            dance(2, Level.IMPROVER, Stage.STARTED, 0, 7, Set.of("vine")));
    ClassPlan plan = ClassPlanner.plan(new ClassRequest(DAY, 60, Level.BEGINNER, dances));
    assertEquals(dancesOf(plan, Kind.TEACH), List.of(2L, 1L));
    assertTrue(line(plan, Kind.TEACH).reason().contains("go on from section 3"));
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
    List<Repertoire> repertoire = new ArrayList<>();
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

  private static Repertoire dance(
      long number, Level level, Stage stage, int dueIn, int gap, Set<String> news) {
    boolean touched = stage != Stage.NOT_STARTED;
    Standing standing =
        new Standing(
            stage,
            stage == Stage.STARTED ? 2 : 4,
            touched ? Optional.of(DAY.plusDays(dueIn - gap)) : Optional.empty(),
            touched ? Optional.of(DAY.plusDays(dueIn)) : Optional.empty(),
            gap,
            List.of());
    return new Repertoire(number, "Dance " + number, level, 4, standing, news, 18, 6, 4);
  }
}
