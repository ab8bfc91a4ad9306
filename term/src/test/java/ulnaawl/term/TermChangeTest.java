package ulnaawl.term;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.term.TermPlan.Led;
import ulnaawl.term.TermPlan.Start;

/** What is otherwise in one plan than in another, taken all, in part, or not at all. */
public class TermChangeTest {

  private static final LocalDate DAY = LocalDate.of(2027, 1, 4);
  private static final int PLANS = 400;

  private static Set<Object> content(TermPlan plan) {
    Set<Object> all = new HashSet<>();
    plan.starts().forEach(it -> all.add(List.of(it.group(), it.dance(), it.on())));
    plan.led().forEach(it -> all.add(List.of(it.group(), it.on(), "led", it.leader())));
    return all;
  }

  /** Some dances of three groups, each at some day, and some leaders. */
  private static TermPlan some(Random random) {
    List<Start> starts = new ArrayList<>();
    List<Led> led = new ArrayList<>();
    for (long group = 1; group <= 3; group++) {
      for (long dance = 1; dance <= 4; dance++) {
        if (random.nextBoolean()) {
          starts.add(
              new Start(group, dance, DAY.plusWeeks(random.nextInt(5)), random.nextBoolean()));
        }
      }
      for (int week = 0; week < 3; week++) {
        if (random.nextBoolean()) {
          led.add(new Led(group, DAY.plusWeeks(week), 1 + random.nextInt(3), false));
        }
      }
    }
    return new TermPlan(starts, led);
  }

  @Test
  public void allChangesLeadFromOnePlanToTheOtherAndNoneLeavesIt() {
    Random random = new Random(30);
    for (int i = 0; i < PLANS; i++) {
      TermPlan before = some(random);
      TermPlan after = some(random);
      List<TermChange> changes = TermChange.between(before, after);
      assertEquals(content(TermChange.some(changes, _ -> true, before)), content(after));
      assertEquals(content(TermChange.some(changes, _ -> false, before)), content(before));
      assertTrue(TermChange.between(after, after).isEmpty());
    }
  }

  @Test
  public void eachChangeCanBeTakenWithoutTheOthers() {
    Random random = new Random(31);
    for (int i = 0; i < PLANS; i++) {
      TermPlan before = some(random);
      TermPlan after = some(random);
      List<TermChange> changes = TermChange.between(before, after);
      if (changes.isEmpty()) {
        continue;
      }
      int one = random.nextInt(changes.size());
      TermPlan taken = TermChange.some(changes, it -> it == one, before);
      assertEquals(TermChange.between(before, taken), List.of(changes.get(one)));
      assertEquals(TermChange.between(taken, after).size(), changes.size() - 1);
    }
  }

  @Test
  public void aDanceThatIsPutSomewhereStartsThereOnceAndStaysAsItIsSaid() {
    TermPlan plan =
        TermPlan.NOTHING
            .with(new Start(1, 7, DAY, false))
            .with(new Start(2, 7, DAY, false))
            .with(new Start(1, 7, DAY.plusWeeks(1), true));
    assertEquals(
        plan.starts(),
        List.of(new Start(2, 7, DAY, false), new Start(1, 7, DAY.plusWeeks(1), true)));
    assertEquals(plan.with(1, 7, Optional.empty()).starts(), List.of(new Start(2, 7, DAY, false)));
  }
}
