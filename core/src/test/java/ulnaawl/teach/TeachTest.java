package ulnaawl.teach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Tempo;

/** The teach takes the time that teaching takes, and fits the minutes there are. */
public class TeachTest {

  private static final FigureBook BOOK = FigureBook.standard();
  private final Dance dance = Dances.dance(Dances.paperLanterns());
  private final JsonNode pace =
      new ObjectMapper().readTree(Dances.resource("checkvalues/teach-pace.json"));

  /** Seconds of teaching per count; common practice, no source (given from outside the project). */
  @Test
  public void keepsTheMeasuredPace() {
    int counts = 32 + 4;
    for (int minutes = 5; minutes <= 14; minutes++) {
      TeachPlan plan = teach(minutes, 0, TeachPace.PLAIN);
      if (plan.reaches() == plan.sections()) {
        assertPace("full teach", plan.seconds(), counts);
      }
    }
    assertPace(
        "reminder walk-through", Recap.reminder(dance, BOOK, TeachPace.PLAIN).seconds(), counts);
    assertPace("quick recap", Recap.quick(dance, BOOK, TeachPace.PLAIN).seconds(), counts);
  }

  private void assertPace(String kind, int seconds, int counts) {
    double each = (double) seconds / counts;
    assertTrue(
        each >= pace.get(kind).get("low").asDouble()
            && each <= pace.get(kind).get("high").asDouble(),
        kind + ": " + each + " s a count");
  }

  /** The two fresh add-on teaches of 32 beginner counts among the measured ones can be laid out. */
  @Test
  public void laysOutTheMeasuredTeaches() {
    String text = Dances.paperLanterns();
    Dance plain = Dances.dance(text.substring(0, text.indexOf("tag Lull")));
    for (JsonNode example : pace.get("examples")) {
      if (example.get("school").asString().equals("add-on")) {
        double minutes = example.get("minutes").asDouble();
        int whole = (int) Math.ceil(minutes);
        TeachPlan plan =
            AddOnTeach.plan(plain, BOOK, new TeachRequest(whole, 0, Set.of(), TeachPace.PLAIN));
        assertTrue(plan.rest().isEmpty(), plan.rest().toString());
        // Tolerance: a minute and a half, for the talk differs from teacher to teacher.
        assertEquals(plan.seconds() / 60.0, minutes, 1.5);
      }
    }
  }

  @Test
  public void moreMinutesNeverReachLessAndFewerNeverMore() {
    int reaches = 0;
    int least = 0;
    for (int minutes = 3; minutes <= 30; minutes++) {
      TeachPlan plan = teach(minutes, 0, TeachPace.LIVE);
      assertTrue(plan.seconds() <= minutes * 60, minutes + " minutes: " + plan.seconds());
      assertTrue(plan.reaches() >= reaches, minutes + " minutes");
      if (plan.reaches() == plan.sections()) {
        int fewest = plan.turns().stream().min(Integer::compare).orElseThrow();
        assertTrue(fewest >= least, minutes + " minutes: " + plan.turns());
        least = fewest;
      }
      reaches = plan.reaches();
    }
    assertEquals(reaches, 4);
  }

  @Test
  public void carriesOverWhatDoesNotFit() {
    TeachPlan plan = teach(4, 0, TeachPace.LIVE);
    assertEquals(plan.rest().orElseThrow().substring(0, 30), "To the end of section 2, facin");
    TeachPlan next = teach(12, 2, TeachPace.LIVE);
    assertEquals(next.drills().getFirst().scope(), new Scope.FromTop(2));
    assertEquals(next.reaches(), 4);
  }

  @Test
  public void showsTheRestartFromItsOwnWall() {
    Drill restart =
        teach(15, 0, TeachPace.LIVE).drills().stream()
            .filter(drill -> drill.scope().label().equals("Wall 5: restart after 16"))
            .findFirst()
            .orElseThrow();
    assertEquals(restart.startFacing().clock(), "12");
    assertEquals(restart.counts(), 16);
    assertTrue(restart.say().getLast().contains("facing 12"), restart.say().toString());
  }

  @Test
  public void laddersKeepTheRules() {
    for (int bpm = 60; bpm <= 220; bpm += 5) {
      for (boolean known : new boolean[] {true, false}) {
        List<Integer> rungs = TempoLadder.of(Tempo.ofBpm(bpm), known).percents();
        assertTrue(rungs.getFirst() >= TempoLadder.LOWEST && rungs.getLast() == 100);
        for (int i = 1; i < rungs.size(); i++) {
          int rise = rungs.get(i) - rungs.get(i - 1);
          assertTrue(rise > 0 && rise <= TempoLadder.LARGEST_RISE, rungs.toString());
        }
      }
    }
    assertTrue(
        TempoLadder.of(Tempo.ofBpm(180), false).percents().size()
            > TempoLadder.of(Tempo.ofBpm(100), false).percents().size());
  }

  private TeachPlan teach(int minutes, int known, TeachPace pace) {
    return AddOnTeach.plan(dance, BOOK, new TeachRequest(minutes, known, Set.of(), pace));
  }
}
