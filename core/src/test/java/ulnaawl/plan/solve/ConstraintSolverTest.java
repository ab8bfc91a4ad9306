package ulnaawl.plan.solve;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.constraints.extension.Tuples;
import org.chocosolver.solver.constraints.nary.automata.FA.FiniteAutomaton;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.IntVar;
import org.testng.annotations.Test;
import ulnaawl.Tries;
import ulnaawl.plan.solve.ClassBlock.Role;
import ulnaawl.plan.solve.ClassBlock.Speed;

/**
 * The best class against an independent solver: the rules once more as constraints (a regular
 * expression for the course of a class, tables for neighbours and points), solved by the Choco
 * library (choco-solver.org, version 4.10), on cases too large to try every class.
 */
public class ConstraintSolverTest {

  private static final int SLOTS = 12;
  private static final int MINUTES = 40;
  private static final int DANCES = 7;
  private static final int CASES = Tries.of(2, 8);

  /** Roles as digits: warm-up 0, dance 1, teach 2, break 3, minutes in hand 4, finish 5, end 6. */
  private static int digit(Role role) {
    return switch (role) {
      case WARM_UP -> 0;
      case DANCE -> 1;
      case TEACH -> 2;
      case BREAK -> 3;
      case FREE -> 4;
      case FINISH -> 5;
      case COOL_DOWN -> 6;
    };
  }

  private static final int OVER = 7;
  private static final String REST = "(3|4)*";
  private static final String DANCED = "(1" + REST + ")";
  private static final String TAUGHT = DANCED + DANCED + "?2" + REST;

  /** How a class may go: a teach after one or two dances, a second one after more where it may. */
  private static String course(boolean gentle) {
    String none = DANCED + "*";
    String one = TAUGHT + DANCED + "*";
    String two = TAUGHT + DANCED + DANCED + "*2" + REST + DANCED + "*";
    String middle = gentle ? none + "|" + one : none + "|" + one + "|" + two;
    return "0" + REST + "(" + middle + ")567*";
  }

  private static List<ClassBlock> blocks(Random random) {
    List<ClassBlock> blocks = new ArrayList<>();
    blocks.add(ClassBlock.without(Role.WARM_UP, 4, -2));
    blocks.add(ClassBlock.without(Role.WARM_UP, 5, 0));
    blocks.add(ClassBlock.without(Role.BREAK, 5, 0));
    blocks.add(ClassBlock.without(Role.FREE, 1, -4));
    blocks.add(ClassBlock.without(Role.COOL_DOWN, 3, 0));
    blocks.add(ClassBlock.without(Role.FINISH, 4, 0));
    for (int dance = 0; dance < DANCES; dance++) {
      int style = random.nextInt(4);
      Speed speed = Speed.values()[random.nextInt(3)];
      int effort = random.nextInt(10) * 10;
      int points = random.nextInt(30);
      int minutes = 4 + random.nextInt(3);
      blocks.add(new ClassBlock(Role.DANCE, dance, minutes, points, style, speed, effort));
      blocks.add(new ClassBlock(Role.DANCE, dance, minutes + 5, points + 9, style, speed, effort));
      blocks.add(
          new ClassBlock(Role.FINISH, dance, minutes, random.nextInt(20), style, speed, effort));
      if (dance < 3) {
        blocks.add(new ClassBlock(Role.TEACH, dance, 12, 30 + points, style, speed, 10));
      }
    }
    return blocks;
  }

  private static Rules rules(Random random) {
    return new Rules(
        MINUTES,
        List.of(new Rules.Window(MINUTES / 2 - 8, MINUTES / 2 + 8)),
        random.nextBoolean(),
        random.nextBoolean(),
        IntStream.range(0, MINUTES).mapToObj(_ -> random.nextInt(100)).toList(),
        Map.of());
  }

  @Test
  public void anIndependentSolverFindsNothingBetter() {
    int some = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      Random random = new Random(seed);
      Rules rules = rules(random);
      List<ClassBlock> blocks = blocks(random);
      Optional<Best> best = ClassSolver.solve(blocks, rules);
      assertEquals(
          best.map(Best::points), solved(blocks, rules), "points with seed " + seed + " " + best);
      some += best.isPresent() ? 1 : 0;
    }
    assertTrue(some > CASES / 2, some + " can be planned");
  }

  private static Optional<Integer> solved(List<ClassBlock> blocks, Rules rules) {
    Model model = new Model();
    int over = blocks.size();
    IntVar[] block = model.intVarArray("block", SLOTS, 0, over);
    IntVar[] start = model.intVarArray("start", SLOTS + 1, 0, MINUTES);
    IntVar[] value = model.intVarArray("value", SLOTS, -50, 100);
    IntVar[] role = model.intVarArray("role", SLOTS, 0, OVER);
    int[] minutes = IntStream.rangeClosed(0, over).map(it -> minutes(blocks, it)).toArray();
    int[] roles =
        IntStream.rangeClosed(0, over)
            .map(it -> it == over ? OVER : digit(blocks.get(it).role()))
            .toArray();
    Tuples worth = worth(blocks, rules);
    Tuples next = neighbours(blocks, rules);
    model.arithm(start[0], "=", 0).post();
    model.arithm(start[SLOTS], "=", MINUTES).post();
    for (int i = 0; i < SLOTS; i++) {
      IntVar lasts = model.intVar("lasts" + i, minutes);
      model.element(lasts, minutes, block[i]).post();
      model.element(role[i], roles, block[i]).post();
      model.arithm(start[i + 1], "-", start[i], "=", lasts).post();
      model.table(new IntVar[] {block[i], start[i], value[i]}, worth, "CT+").post();
      if (i > 0) {
        model.table(new IntVar[] {block[i - 1], block[i]}, next, "CT+").post();
      }
    }
    model.regular(role, new FiniteAutomaton(course(rules.gentle()))).post();
    model.among(model.intVar(1), role, new int[] {digit(Role.BREAK)}).post();
    for (int dance = 0; dance < DANCES; dance++) {
      int one = dance;
      int[] own = IntStream.range(0, over).filter(it -> blocks.get(it).dance() == one).toArray();
      model.among(model.intVar(0, 1), block, own).post();
    }
    IntVar points = model.intVar("points", -500, 500);
    model.sum(value, "=", points).post();
    model.getSolver().setSearch(Search.domOverWDegSearch(block));
    Optional<Solution> found =
        Optional.ofNullable(model.getSolver().findOptimalSolution(points, Model.MAXIMIZE));
    return found.map(it -> it.getIntVal(points));
  }

  private static int minutes(List<ClassBlock> blocks, int block) {
    return block == blocks.size() ? 0 : blocks.get(block).minutes();
  }

  /** What each block is worth at each minute; a break only where it may begin. */
  private static Tuples worth(List<ClassBlock> blocks, Rules rules) {
    Tuples worth = new Tuples(true);
    Rules.Window window = rules.pauses().getFirst();
    for (int i = 0; i < blocks.size(); i++) {
      ClassBlock block = blocks.get(i);
      for (int at = 0; at + block.minutes() <= MINUTES; at++) {
        boolean break_ = block.role() == Role.BREAK;
        if (!break_ || (at >= window.from() && at <= window.to())) {
          int middle = Math.min(MINUTES - 1, at + block.minutes() / 2);
          int wanted = rules.effort().get(middle);
          int loss = block.effort() < 0 ? 0 : Math.abs(block.effort() - wanted) / 10;
          worth.add(i, at, block.points() - loss);
        }
      }
    }
    worth.add(blocks.size(), MINUTES, 0);
    return worth;
  }

  private static Tuples neighbours(List<ClassBlock> blocks, Rules rules) {
    Tuples next = new Tuples(true);
    for (int i = 0; i < blocks.size(); i++) {
      next.add(i, blocks.size());
      for (int j = 0; j < blocks.size(); j++) {
        if (mayFollow(blocks.get(i), blocks.get(j), rules)) {
          next.add(i, j);
        }
      }
    }
    next.add(blocks.size(), blocks.size());
    return next;
  }

  private static boolean mayFollow(ClassBlock one, ClassBlock two, Rules rules) {
    if (one.role() == Role.FREE) {
      return two.role() == Role.FREE || two.role() == Role.BREAK || two.role() == Role.FINISH;
    }
    if (one.dance() < 0 || two.dance() < 0) {
      return true;
    }
    boolean style = one.style() != ClassBlock.UNKNOWN_STYLE && one.style() == two.style();
    boolean alike = style && (rules.byStyle() || one.speed() == two.speed());
    boolean veryFast = one.speed() == Speed.VERY_FAST && two.speed() == Speed.VERY_FAST;
    boolean fast = one.speed() != Speed.EASY && two.speed() != Speed.EASY;
    return !alike && !veryFast && !(rules.gentle() && fast);
  }
}
