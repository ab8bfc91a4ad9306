package ulnaawl.learning;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

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

  private void add(int day, Happened happened, int sections, Outcome outcome) {
    evidence.add(new Evidence(DAY.plusDays(day), happened, sections, outcome, "Test"));
  }

  private void assertStanding(int day, Stage stage, int sections, int due) {
    Standing standing = LearningRecord.standing(evidence, 4, DAY.plusDays(day));
    assertEquals(standing.stage(), stage, standing.toString());
    assertEquals(standing.sections(), sections);
    assertEquals(
        standing
            .due()
            .map(date -> (int) DAY.until(date, java.time.temporal.ChronoUnit.DAYS))
            .orElse(-1),
        Integer.valueOf(due),
        standing.toString());
  }
}
