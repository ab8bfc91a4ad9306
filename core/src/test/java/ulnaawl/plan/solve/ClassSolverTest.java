package ulnaawl.plan.solve;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import ulnaawl.Tries;
import ulnaawl.plan.solve.ClassBlock.Role;
import ulnaawl.plan.solve.ClassBlock.Speed;

/** The best class against every class there is, on cases small enough to try them all. */
public class ClassSolverTest {

  private static final int CASES = Tries.of(8, 40);

  private static Rules rules(Random random, int minutes) {
    List<Rules.Window> pauses =
        random.nextBoolean()
            ? List.of()
            : List.of(new Rules.Window(minutes / 2 - 4, minutes / 2 + 4));
    return new Rules(
        minutes,
        pauses,
        random.nextBoolean(),
        random.nextBoolean(),
        IntStream.range(0, minutes).mapToObj(_ -> random.nextInt(100)).toList(),
        Map.of());
  }

  private static List<ClassBlock> blocks(Random random) {
    List<ClassBlock> blocks = new ArrayList<>();
    blocks.add(ClassBlock.without(Role.WARM_UP, 4, 0));
    blocks.add(ClassBlock.without(Role.WARM_UP, 5, 3));
    blocks.add(ClassBlock.without(Role.BREAK, 3, 0));
    blocks.add(ClassBlock.without(Role.FREE, 2, -5));
    blocks.add(ClassBlock.without(Role.COOL_DOWN, 3, 0));
    blocks.add(ClassBlock.without(Role.FINISH, 3, 0));
    for (int dance = 0; dance < 5; dance++) {
      int style = random.nextInt(3);
      Speed speed = Speed.values()[random.nextInt(3)];
      int effort = random.nextInt(10) * 10;
      int points = random.nextInt(30);
      int minutes = 3 + random.nextInt(2);
      blocks.add(new ClassBlock(Role.DANCE, dance, minutes, points, style, speed, effort));
      blocks.add(
          new ClassBlock(Role.FINISH, dance, minutes, random.nextInt(20), style, speed, effort));
      if (dance < 2) {
        blocks.add(new ClassBlock(Role.TEACH, dance, 9, 20 + points, style, speed, 10));
      }
    }
    return blocks;
  }

  @Test
  public void nothingIsBetter() {
    int some = 0;
    for (long seed = 1; seed <= CASES; seed++) {
      Random random = new Random(seed);
      Rules rules = rules(random, 21 + random.nextInt(7));
      List<ClassBlock> blocks = blocks(random);
      int most = new Everything(blocks, rules).most();
      Optional<Best> best = ClassSolver.solve(blocks, rules);
      assertEquals(best.map(Best::points).orElse(Integer.MIN_VALUE), most, "seed " + seed);
      if (best.isPresent()) {
        assertEquals(best.get().gap(), 0);
        assertEquals(
            best.get().blocks().stream().mapToInt(ClassBlock::minutes).sum(), rules.minutes());
        some++;
      }
    }
    assertTrue(some > CASES / 2, some + " of " + CASES + " can be planned");
  }

  /** Tries every class, block by block, with the rules said once more in its own words. */
  private static final class Everything {
    private final List<ClassBlock> blocks;
    private final Rules rules;
    private final List<ClassBlock> now = new ArrayList<>();
    private int most = Integer.MIN_VALUE;

    Everything(List<ClassBlock> blocks, Rules rules) {
      this.blocks = blocks;
      this.rules = rules;
    }

    int most() {
      extend(0, 0);
      return most;
    }

    private void extend(int at, int points) {
      if (!now.isEmpty() && now.getLast().role() == Role.COOL_DOWN) {
        if (at == rules.minutes() && isFine()) {
          most = Math.max(most, points);
        }
        return;
      }
      for (ClassBlock block : blocks) {
        boolean first = now.isEmpty() == (block.role() == Role.WARM_UP);
        boolean end =
            (block.role() == Role.COOL_DOWN)
                == (!now.isEmpty() && now.getLast().role() == Role.FINISH);
        if (first && end && at + block.minutes() <= rules.minutes()) {
          now.add(block);
          extend(at + block.minutes(), points + rules.points(block, at));
          now.removeLast();
        }
      }
    }

    private boolean isFine() {
      Set<Integer> dances = new HashSet<>();
      int at = 0;
      int pauses = 0;
      int teaches = 0;
      int dancedBefore = 0;
      int sinceTeach = 0;
      for (int i = 0; i < now.size(); i++) {
        ClassBlock block = now.get(i);
        if (i > 0 && now.get(i - 1).role() == Role.FREE) {
          boolean ends =
              block.role() == Role.FREE
                  || block.role() == Role.BREAK
                  || block.role() == Role.FINISH;
          if (!ends) {
            return false;
          }
        }
        if (block.dance() >= 0 && !dances.add(block.dance())) {
          return false;
        }
        if (block.dance() >= 0 && i > 0 && now.get(i - 1).dance() >= 0) {
          ClassBlock last = now.get(i - 1);
          boolean styles = block.style() != 0 && block.style() == last.style();
          boolean fast = block.speed() != Speed.EASY && last.speed() != Speed.EASY;
          boolean very = block.speed() == Speed.VERY_FAST && last.speed() == Speed.VERY_FAST;
          boolean alike = styles && (rules.byStyle() || block.speed() == last.speed());
          if (alike || very || (rules.gentle() && fast)) {
            return false;
          }
        }
        switch (block.role()) {
          case DANCE -> {
            dancedBefore++;
            sinceTeach++;
          }
          case TEACH -> {
            boolean well =
                teaches == 0
                    ? dancedBefore == 1 || dancedBefore == 2
                    : teaches == 1 && !rules.gentle() && sinceTeach > 0;
            if (!well) {
              return false;
            }
            teaches++;
            sinceTeach = 0;
          }
          case BREAK -> {
            if (pauses == rules.pauses().size()
                || at < rules.pauses().get(pauses).from()
                || at > rules.pauses().get(pauses).to()) {
              return false;
            }
            pauses++;
          }
          default -> {}
        }
        at += block.minutes();
      }
      return pauses == rules.pauses().size();
    }
  }
}
