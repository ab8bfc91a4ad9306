package ulnaawl.learning;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;
import ulnaawl.dance.SectionSet;

/** The memory of a group: stages and widening gaps. Worked by hand from the rules of the trade. */
public class LearningRecordTest {

  private static final LocalDate DAY = LocalDate.of(2026, 9, 1);
  private final List<Evidence> evidence = new ArrayList<>();

  @Test
  public void followsATermWithADance() {
    evidence.clear();
    assertStanding(0, Stage.NOT_STARTED, 0, -1);
    add(0, Happened.INTRODUCED, 2, Outcome.SOLID);
    assertStanding(0, Stage.STARTED, 2, 7);
    add(7, Happened.TAUGHT, 4, Outcome.SHAKY);
    assertStanding(7, Stage.TAUGHT, 4, 14);
    add(14, Happened.WALKED, 4, Outcome.SOLID);
    assertStanding(14, Stage.PRACTISED, 4, 28);
    add(28, Happened.DANCED_CALLED, 4, Outcome.SOLID);
    assertStanding(28, Stage.PRACTISED, 4, 56);
    add(56, Happened.DANCED, 4, Outcome.SOLID);
    assertStanding(56, Stage.KNOWN, 4, 112);
    // A shaky evening halves the gap of 56 days.
    add(112, Happened.DANCED, 4, Outcome.SHAKY);
    assertStanding(112, Stage.KNOWN, 4, 140);
    assertStanding(168, Stage.KNOWN, 4, 140);
    assertStanding(169, Stage.RUSTY, 4, 140);
    add(169, Happened.WALKED, 4, Outcome.LOST);
    assertStanding(169, Stage.RUSTY, 4, 176);
  }

  @Test
  public void dancingTwiceInAWeekDoesNotWidenTheGapTwice() {
    evidence.clear();
    add(0, Happened.TAUGHT, 4, Outcome.SOLID);
    add(7, Happened.DANCED_CALLED, 4, Outcome.SOLID);
    add(8, Happened.DANCED_CALLED, 4, Outcome.SOLID);
    assertStanding(8, Stage.KNOWN, 4, 22);
  }

  /** From the back: what was taught is the last two of four, and these are what is known. */
  @Test
  public void whatWasTaughtNeedNotBeginWithTheFirstSection() {
    evidence.clear();
    evidence.add(
        new Evidence(DAY, Happened.INTRODUCED, SectionSet.between(3, 4), Outcome.SOLID, "Test"));
    Standing begun = LearningRecord.standing(evidence, 4, DAY);
    assertEquals(begun.stage(), Stage.STARTED);
    assertEquals(begun.shown(), SectionSet.between(3, 4));
    evidence.add(
        new Evidence(
            DAY.plusDays(7), Happened.INTRODUCED, SectionSet.upTo(2), Outcome.SOLID, "Test"));
    assertEquals(LearningRecord.standing(evidence, 4, DAY.plusDays(7)).stage(), Stage.TAUGHT);
  }

  /** A section that came into the text later is new to the group, however well it knew the rest. */
  @Test
  public void aNewSectionIsStillToCome() {
    evidence.clear();
    add(0, Happened.TAUGHT, 4, Outcome.SOLID);
    add(7, Happened.DANCED, 4, Outcome.SOLID);
    assertEquals(LearningRecord.standing(evidence, 4, DAY.plusDays(7)).stage(), Stage.KNOWN);
    Standing now = LearningRecord.standing(evidence, 5, DAY.plusDays(7));
    assertEquals(now.stage(), Stage.STARTED);
    assertEquals(now.reasons().getLast(), new LearningReason.NewSince(SectionSet.between(5, 5)));
  }

  /** What holds for whatever happened, in whatever order it was written down. */
  @Test
  public void everyRecordKeepsTheRules() {
    qt().withExamples(1000)
        .forAll(longs().all())
        .checkAssert(seed -> {
          Random random = new Random(seed);
          List<Evidence> some = new ArrayList<>();
          int day = 0;
          for (int i = random.nextInt(9); i >= 0; i--) {
            day += 1 + random.nextInt(60);
            int from = 1 + random.nextInt(4);
            Happened happened = Happened.values()[random.nextInt(Happened.values().length)];
            some.add(
                new Evidence(
                    DAY.plusDays(day),
                    happened,
                    happened.isWhole()
                        ? SectionSet.upTo(4)
                        : SectionSet.between(from, from + random.nextInt(5 - from)),
                    Outcome.values()[random.nextInt(Outcome.values().length)],
                    "Test"));
          }
          LocalDate today = DAY.plusDays(day);
          Standing now = LearningRecord.standing(some, 4, today);
          Evidence last = some.getLast();
          assertEquals(now.last(), Optional.of(last.date()));
          assertEquals(now.due(), Optional.of(last.date().plusDays(now.intervalDays())));
          assertTrue(
              now.intervalDays() >= LearningRecord.FIRST_GAP
                  && now.intervalDays() <= LearningRecord.WIDEST_GAP,
              now.toString());
          assertEquals(now.stage() == Stage.STARTED, !now.shown().isWhole(4), now.toString());
          if (last.outcome() == Outcome.LOST) {
            assertEquals(now.intervalDays(), LearningRecord.FIRST_GAP, now.toString());
            assertTrue(
                now.stage() != Stage.KNOWN && now.stage() != Stage.PRACTISED, now.toString());
          }
          // Nothing gets better by waiting, and in the end everything that was whole is rusty.
          Standing late = LearningRecord.standing(some, 4, today.plusDays(1000));
          assertEquals(
              late.stage(), now.shown().isWhole(4) ? Stage.RUSTY : Stage.STARTED, late.toString());
          Collections.shuffle(some, random);
          assertEquals(LearningRecord.standing(some, 4, today), now, "in any order");
        });
  }

  private void add(int day, Happened happened, int sections, Outcome outcome) {
    evidence.add(
        new Evidence(DAY.plusDays(day), happened, SectionSet.upTo(sections), outcome, "Test"));
  }

  private void assertStanding(int day, Stage stage, int sections, int due) {
    Standing standing = LearningRecord.standing(evidence, 4, DAY.plusDays(day));
    assertEquals(standing.stage(), stage, standing.toString());
    assertEquals(standing.shown(), SectionSet.upTo(sections));
    assertEquals(
        standing
            .due()
            .map(date -> (int) DAY.until(date, java.time.temporal.ChronoUnit.DAYS))
            .orElse(-1),
        Integer.valueOf(due),
        standing.toString());
  }
}
