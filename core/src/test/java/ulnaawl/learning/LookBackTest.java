package ulnaawl.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.LookBack.Became;
import ulnaawl.learning.LookBack.DanceBack;
import ulnaawl.learning.LookBack.Numbered;

/** What became of a group in some weeks, against its record on the first and the last day. */
public class LookBackTest {

  private static final LocalDate FROM = LocalDate.of(2026, 9, 7);
  private static final LocalDate UNTIL = LocalDate.of(2026, 12, 18);

  private static Numbered dance(long number, Evidence... evidence) {
    return new Numbered(
        number,
        new Progress.Dance(
            List.of(evidence),
            2,
            Optional.empty(),
            shown -> shown.isEmpty() ? Set.of() : Set.of("figure of " + number)));
  }

  private static Evidence on(LocalDate day, Happened happened) {
    return Evidence.of(
        day,
        happened,
        happened == Happened.INTRODUCED ? SectionSet.upTo(1) : SectionSet.upTo(2),
        Outcome.SOLID);
  }

  private static LookBack back(Numbered... dances) {
    return LookBack.of(List.of(dances), Register.NOT_KEPT, FROM, UNTIL);
  }

  @Test
  public void eachDanceIsWhatBecameOfIt() {
    LocalDate late = UNTIL.minusDays(3);
    LookBack back =
        back(
            dance(1, on(late, Happened.TAUGHT)),
            dance(2, on(late, Happened.INTRODUCED)),
            dance(3, on(FROM.minusDays(6), Happened.TAUGHT), on(late, Happened.DANCED)),
            dance(4, on(FROM.minusDays(2), Happened.TAUGHT)),
            dance(5, on(UNTIL.plusDays(1), Happened.TAUGHT)),
            dance(6, on(FROM.minusYears(3), Happened.TAUGHT)));
    assertEquals(
        back.dances().stream().map(it -> it.dance() + " " + it.became()).toList(),
        List.of("1 LEARNED", "2 BEGUN", "3 KEPT", "4 FADED", "6 LEFT"),
        "the fifth is still to come");
    assertEquals(back.days(), 1);
    assertEquals(back.newFigures(), 2);
    assertEquals(back.figures(), 5);
    DanceBack kept = back.of(Became.KEPT).getFirst();
    assertEquals(kept.first(), Optional.of(late));
    assertEquals(kept.days(), 1);
  }

  @Test
  public void whatHappenedAfterwardsOrInAnotherOrderChangesNothing() {
    Random random = new Random(11);
    for (int round = 0; round < 200; round++) {
      List<Numbered> dances = new ArrayList<>();
      List<Numbered> more = new ArrayList<>();
      for (int number = 1; number < 8; number++) {
        List<Evidence> happened =
            IntStream.range(0, random.nextInt(6))
                .mapToObj(_ ->
                    on(
                        FROM.minusDays(90).plusDays(random.nextInt(190)),
                        Happened.values()[random.nextInt(Happened.values().length)]))
                .toList();
        List<Evidence> later = new ArrayList<>(happened.reversed());
        later.add(on(UNTIL.plusDays(1 + random.nextInt(50)), Happened.DANCED));
        dances.add(dance(number, happened.toArray(Evidence[]::new)));
        more.add(dance(number, later.toArray(Evidence[]::new)));
      }
      LookBack back = LookBack.of(dances, Register.NOT_KEPT, FROM, UNTIL);
      assertEquals(LookBack.of(more.reversed(), Register.NOT_KEPT, FROM, UNTIL), back);
      for (DanceBack one : back.dances()) {
        boolean learned = one.stage().isLearned() && one.stage() != Stage.RUSTY;
        boolean here =
            Set.of(Became.LEARNED, Became.CAME_BACK, Became.KEPT, Became.RESTED)
                .contains(one.became());
        assertEquals(here, learned, one.toString());
        assertTrue(one.days() == 0 == one.first().isEmpty(), one.toString());
      }
    }
  }
}
