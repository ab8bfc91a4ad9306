package ulnaawl.learning;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.testng.annotations.Test;
import ulnaawl.Tries;
import ulnaawl.dance.SectionSet;
import ulnaawl.people.PersonId;

/** The memory of a group: stages and widening gaps. Worked by hand from the rules of the trade. */
public class LearningRecordTest {

  private static final LocalDate DAY = LocalDate.of(2026, 9, 1);
  private final List<Evidence> evidence = new ArrayList<>();

  /** Gaps as the model gives them: wider after a success, narrower after a failure. */
  @Test
  public void followsATermWithADance() {
    evidence.clear();
    assertStanding(0, Stage.NOT_STARTED, 0, -1);
    add(0, Happened.INTRODUCED, 2, Outcome.SOLID);
    // It is gone on with in the next class.
    assertStanding(0, Stage.STARTED, 2, 1);
    add(7, Happened.TAUGHT, 4, Outcome.SHAKY);
    assertStanding(7, Stage.TAUGHT, 4, 13);
    add(14, Happened.WALKED, 4, Outcome.SOLID);
    assertStanding(14, Stage.PRACTISED, 4, 27);
    add(28, Happened.DANCED_CALLED, 4, Outcome.SOLID);
    assertStanding(28, Stage.PRACTISED, 4, 54);
    add(56, Happened.DANCED, 4, Outcome.SOLID);
    Standing known = LearningRecord.standing(evidence, 4, DAY.plusDays(56));
    assertEquals(known.stage(), Stage.KNOWN);
    assertEquals(known.strength(), 100);
    add(112, Happened.DANCED, 4, Outcome.LOST);
    Standing lost = LearningRecord.standing(evidence, 4, DAY.plusDays(112));
    assertEquals(lost.stage(), Stage.RUSTY);
    assertTrue(lost.intervalDays() < known.intervalDays() / 4, lost.toString());
  }

  /** What was taught once and then left alone is rusty after a missed week. */
  @Test
  public void whatIsLeftAloneFades() {
    evidence.clear();
    add(0, Happened.TAUGHT, 4, Outcome.SOLID);
    assertEquals(LearningRecord.standing(evidence, 4, DAY.plusDays(7)).stage(), Stage.TAUGHT);
    Standing late = LearningRecord.standing(evidence, 4, DAY.plusDays(14));
    assertEquals(late.stage(), Stage.RUSTY);
    assertEquals(
        late.reasons().getLast(), new LearningReason.Faded(late.strength(), LearningRecord.RUSTY));
  }

  /** Seven of eighteen were there: half taught, until the others are shown it. */
  @Test
  public void whoWasNotThereHasNotLearnedIt() {
    evidence.clear();
    add(14, Happened.TAUGHT, 4, Outcome.SOLID);
    Map<LocalDate, Attendance> came = new HashMap<>();
    for (int week = 0; week < 4; week++) {
      int there = week == 2 ? 7 : 18;
      came.put(DAY.plusDays(7L * week), new Attendance.ByName(dancers(there)));
    }
    Standing now = standing(21, new Register(came), Optional.empty());
    assertEquals(now.coverage(), Optional.of(new Register.Presence(7, 18)));
    assertEquals(now.stage(), Stage.STARTED);
    add(21, Happened.WALKED, 4, Outcome.SOLID);
    assertEquals(standing(21, new Register(came), Optional.empty()).stage(), Stage.PRACTISED);
    // Where only heads are counted, the most that were there at once against the usual number.
    came.replaceAll((day, who) -> new Attendance.Heads(((Attendance.ByName) who).there().size()));
    evidence.removeLast();
    assertEquals(
        standing(21, new Register(came), Optional.empty()).coverage(),
        Optional.of(new Register.Presence(7, 18)));
    assertEquals(standing(21, Register.NOT_KEPT, Optional.empty()).coverage(), Optional.empty());
  }

  private static Set<Long> dancers(int number) {
    return LongStream.rangeClosed(1, number).boxed().collect(Collectors.toSet());
  }

  private Standing standing(int day, Register register, Optional<Ruling> ruling) {
    return LearningRecord.standing(evidence, 4, DAY.plusDays(day), register, ruling);
  }

  /** A person's word stands, the record beside it; what is retired does not come back by itself. */
  @Test
  public void aPersonsWordStandsAndIsSeen() {
    evidence.clear();
    add(0, Happened.TAUGHT, 4, Outcome.SOLID);
    Ruling known = new Ruling.StandsAt(Stage.KNOWN, new PersonId(2), DAY, "They had it elsewhere.");
    Standing ruled = standing(7, Register.NOT_KEPT, Optional.of(known));
    assertEquals(ruled.stage(), Stage.KNOWN);
    assertEquals(ruled.fromRecord(), Stage.TAUGHT);
    assertEquals(ruled.reasons().getLast(), new LearningReason.Ruled(known, Stage.TAUGHT));
    Standing retired =
        standing(7, Register.NOT_KEPT, Optional.of(new Ruling.Retires(new PersonId(2), DAY, "")));
    assertEquals(retired.stage(), Stage.RETIRED);
    assertEquals(retired.due(), Optional.empty());
  }

  /** The class on or after a day; a closed one is left out, and is no missed repetition. */
  @Test
  public void classesFallOnTheirDays() {
    LocalDate monday = LocalDate.of(2026, 9, 7);
    ClassDays days = new ClassDays(DayOfWeek.MONDAY, Set.of(monday));
    assertEquals(days.onOrAfter(LocalDate.of(2026, 9, 3)), monday.plusWeeks(1));
    assertEquals(days.onOrAfter(monday.plusDays(1)), monday.plusWeeks(1));
    assertEquals(days.onOrAfter(monday.plusWeeks(1)), monday.plusWeeks(1));
  }

  /** Trouble spots are what somebody said last of each section. */
  @Test
  public void troubleIsWhatWasSaidLast() {
    evidence.clear();
    Map<Integer, Outcome> first = Map.of(2, Outcome.LOST, 3, Outcome.SHAKY);
    evidence.add(spots(0, first));
    evidence.add(spots(7, Map.of(2, Outcome.SOLID)));
    Standing now = LearningRecord.standing(evidence, 4, DAY.plusDays(7));
    assertEquals(now.trouble(), SectionSet.between(3, 3));
    // A solid evening says it of all that was danced.
    evidence.add(Evidence.of(DAY.plusDays(14), Happened.DANCED, SectionSet.upTo(4), Outcome.SOLID));
    Standing later = LearningRecord.standing(evidence, 4, DAY.plusDays(14));
    assertEquals(later.trouble(), SectionSet.NONE);
  }

  private static Evidence spots(int day, Map<Integer, Outcome> spots) {
    return new Evidence(
        DAY.plusDays(day),
        Happened.TAUGHT,
        SectionSet.upTo(4),
        Outcome.SHAKY,
        spots,
        OptionalInt.empty(),
        OptionalInt.of(12));
  }

  /** From the back: what was taught is the last two of four, and these are what is known. */
  @Test
  public void whatWasTaughtNeedNotBeginWithTheFirstSection() {
    evidence.clear();
    evidence.add(Evidence.of(DAY, Happened.INTRODUCED, SectionSet.between(3, 4), Outcome.SOLID));
    Standing begun = LearningRecord.standing(evidence, 4, DAY);
    assertEquals(begun.stage(), Stage.STARTED);
    assertEquals(begun.shown(), SectionSet.between(3, 4));
    evidence.add(
        Evidence.of(DAY.plusDays(7), Happened.INTRODUCED, SectionSet.upTo(2), Outcome.SOLID));
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
    qt().withExamples(Tries.of(150, 1000))
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
                Evidence.of(
                    DAY.plusDays(day),
                    happened,
                    happened.isWhole()
                        ? SectionSet.upTo(4)
                        : SectionSet.between(from, from + random.nextInt(5 - from)),
                    Outcome.values()[random.nextInt(Outcome.values().length)]));
          }
          LocalDate today = DAY.plusDays(day);
          Standing now = LearningRecord.standing(some, 4, today);
          Evidence last = some.getLast();
          assertEquals(now.last(), Optional.of(last.date()));
          boolean complete = now.shown().isWhole(4);
          assertEquals(
              now.due(), Optional.of(last.date().plusDays(complete ? now.intervalDays() : 1)));
          assertTrue(
              now.intervalDays() >= 1 && now.intervalDays() <= LearningRecord.WIDEST_GAP,
              now.toString());
          assertEquals(now.stage() == Stage.STARTED, !complete, now.toString());
          if (last.outcome() == Outcome.LOST) {
            assertTrue(
                now.stage() != Stage.KNOWN && now.stage() != Stage.PRACTISED, now.toString());
          }
          // Nothing gets better by waiting, and in the end everything that was whole is rusty.
          assertEquals(now.strength(), 100);
          int strength = 100;
          for (int wait = 10; wait <= 1000; wait += 90) {
            int then = LearningRecord.standing(some, 4, today.plusDays(wait)).strength();
            assertTrue(then <= strength, now.toString());
            strength = then;
          }
          Standing late = LearningRecord.standing(some, 4, today.plusDays(1000));
          assertEquals(late.stage(), complete ? Stage.RUSTY : Stage.STARTED, late.toString());
          Collections.shuffle(some, random);
          assertEquals(LearningRecord.standing(some, 4, today), now, "in any order");
        });
  }

  private void add(int day, Happened happened, int sections, Outcome outcome) {
    evidence.add(Evidence.of(DAY.plusDays(day), happened, SectionSet.upTo(sections), outcome));
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
