package ulnaawl.learning;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Tries;
import ulnaawl.dance.SectionSet;
import ulnaawl.people.PersonId;

/** What a group had learned, week by week. */
public class ProgressTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

  private static Evidence weeksAgo(int weeks, Happened happened, int sections) {
    return Evidence.of(TODAY.minusWeeks(weeks), happened, SectionSet.upTo(sections), Outcome.SOLID);
  }

  private static Set<String> figures(SectionSet shown) {
    Set<String> met = new java.util.HashSet<>();
    shown.numbers().forEach(it -> met.add("figure " + it));
    return met;
  }

  private static Progress.Dance dance(Optional<Ruling> ruling, Evidence... evidence) {
    return new Progress.Dance(List.of(evidence), 4, ruling, ProgressTest::figures);
  }

  /** By hand: begun, taught, danced; retired by a person in the last week. */
  @Test
  public void aDanceGoesThroughItsStages() {
    Ruling stale = new Ruling.Retires(new PersonId(2), TODAY.minusDays(2), "");
    Progress progress =
        Progress.of(
            List.of(
                dance(
                    Optional.of(stale),
                    weeksAgo(3, Happened.INTRODUCED, 2),
                    weeksAgo(2, Happened.TAUGHT, 4),
                    weeksAgo(1, Happened.DANCED, 4))),
            Register.NOT_KEPT,
            TODAY);
    assertEquals(
        progress.weeks().stream().map(Progress.Week::dances).toList(),
        List.of(
            Map.of(Stage.STARTED, 1),
            Map.of(Stage.TAUGHT, 1),
            Map.of(Stage.KNOWN, 1),
            Map.of(Stage.RETIRED, 1)));
    assertEquals(
        progress.weeks().stream().map(Progress.Week::figures).toList(), List.of(2, 4, 4, 4));
    assertEquals(progress.weeks().getFirst().end(), TODAY.minusWeeks(3));
  }

  @Test
  public void nothingWrittenDownIsNoWeek() {
    assertTrue(Progress.of(List.of(), Register.NOT_KEPT, TODAY).weeks().isEmpty());
    Evidence old = weeksAgo(500, Happened.TAUGHT, 4);
    assertEquals(
        Progress.of(List.of(dance(Optional.empty(), old)), Register.NOT_KEPT, TODAY).weeks().size(),
        Progress.MOST_WEEKS);
  }

  /** The last week is what the record says today, and no figure is ever unmet. */
  @Test
  public void theLastWeekIsToday() {
    qt().withExamples(Tries.of(25, 100))
        .withShrinkCycles(20)
        .forAll(integers().between(1, 6), integers().all())
        .checkAssert((dances, seed) -> {
          Random random = new Random(seed);
          List<Progress.Dance> all = new ArrayList<>();
          for (int i = 0; i < dances; i++) {
            Evidence[] evidence = new Evidence[1 + random.nextInt(5)];
            for (int k = 0; k < evidence.length; k++) {
              Happened happened = Happened.values()[random.nextInt(5)];
              int sections = happened == Happened.INTRODUCED ? 1 + random.nextInt(4) : 4;
              evidence[k] = weeksAgo(random.nextInt(20), happened, sections);
            }
            all.add(dance(Optional.empty(), evidence));
          }
          List<Progress.Week> weeks = Progress.of(all, Register.NOT_KEPT, TODAY).weeks();
          Map<Stage, Integer> today = new java.util.EnumMap<>(Stage.class);
          all.forEach(it ->
              today.merge(
                  LearningRecord.standing(it.evidence(), 4, TODAY).stage(), 1, Integer::sum));
          assertEquals(weeks.getLast().dances(), today);
          for (int i = 1; i < weeks.size(); i++) {
            assertTrue(weeks.get(i).figures() >= weeks.get(i - 1).figures());
            assertEquals(weeks.get(i).end(), weeks.get(i - 1).end().plusWeeks(1));
          }
        });
  }
}
