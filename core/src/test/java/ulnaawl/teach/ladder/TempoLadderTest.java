package ulnaawl.teach.ladder;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import ulnaawl.music.Tempo;

/** Ladders and the way on them, worked by hand. */
public class TempoLadderTest {

  @Test
  public void laddersKeepTheRules() {
    for (int bpm = 60; bpm <= 220; bpm += 5) {
      for (boolean known : new boolean[] {true, false}) {
        for (int hardest : new int[] {100, 300}) {
          List<Integer> rungs = TempoLadder.of(Tempo.ofBpm(bpm), known, hardest).percents();
          assertTrue(rungs.getFirst() >= TempoLadder.LOWEST && rungs.getLast() == 100);
          for (int i = 1; i < rungs.size(); i++) {
            int rise = rungs.get(i) - rungs.get(i - 1);
            assertTrue(rise > 0 && rise <= TempoLadder.LARGEST_RISE, rungs.toString());
          }
        }
      }
    }
    assertTrue(
        TempoLadder.of(Tempo.ofBpm(180), false).percents().size()
            > TempoLadder.of(Tempo.ofBpm(100), false).percents().size());
  }

  /** 60, 73, 86, 100: clean up, shaky again, twice shaky down, lost down. */
  @Test
  public void answersMoveOnTheLadder() {
    TempoLadder ladder = TempoLadder.of(Tempo.ofBpm(112), false);
    assertEquals(ladder.percents(), List.of(60, 73, 86, 100));
    assertEquals(walk(ladder, LadderWalk.Answer.CLEAN).rung(), 1);
    assertEquals(walk(ladder, LadderWalk.Answer.CLEAN, LadderWalk.Answer.SHAKY).rung(), 1);
    assertEquals(
        walk(ladder, LadderWalk.Answer.CLEAN, LadderWalk.Answer.SHAKY, LadderWalk.Answer.SHAKY)
            .rung(),
        0);
    assertEquals(walk(ladder, LadderWalk.Answer.CLEAN, LadderWalk.Answer.LOST).rung(), 0);
    assertEquals(LadderWalk.after(ladder, 2, List.of(LadderWalk.Answer.LOST)).rung(), 1);
    LadderWalk top =
        walk(
            ladder,
            LadderWalk.Answer.CLEAN,
            LadderWalk.Answer.CLEAN,
            LadderWalk.Answer.CLEAN,
            LadderWalk.Answer.CLEAN);
    assertTrue(top.done());
    LadderWalk stuck =
        walk(
            ladder,
            LadderWalk.Answer.CLEAN,
            LadderWalk.Answer.LOST,
            LadderWalk.Answer.CLEAN,
            LadderWalk.Answer.LOST,
            LadderWalk.Answer.CLEAN,
            LadderWalk.Answer.SHAKY);
    assertEquals(
        stuck.suggestion().orElseThrow(),
        new LadderWalk.Suggestion(3, 73, new LadderWalk.Instead.EndOn(60)));
    assertEquals(
        walk(ladder, LadderWalk.Answer.LOST, LadderWalk.Answer.LOST, LadderWalk.Answer.LOST)
            .suggestion()
            .orElseThrow()
            .instead(),
        new LadderWalk.Instead.BreakDown());
  }

  /** A device that follows the table comes to where the rule leads, whatever the class answers. */
  @Test
  public void theTableIsTheRule() {
    Random random = new Random(7);
    LadderWalk.Answer[] answers = LadderWalk.Answer.values();
    for (int bpm : new int[] {90, 140, 190}) {
      TempoLadder ladder = TempoLadder.of(Tempo.ofBpm(bpm), false);
      LadderTable table = LadderTable.of(ladder);
      for (int i = 0; i < 200; i++) {
        List<LadderWalk.Answer> given = new ArrayList<>();
        int stand = random.nextInt(ladder.percents().size());
        int from = table.stands().get(stand).rung();
        for (int k = 0; k < 12; k++) {
          given.add(answers[random.nextInt(answers.length)]);
          boolean top = table.stands().get(stand).top();
          stand = table.stands().get(stand).after(given.getLast());
          LadderWalk walk = LadderWalk.after(ladder, from, given);
          assertEquals(table.stands().get(stand).rung(), walk.rung(), given.toString());
          assertEquals(top && given.getLast() == LadderWalk.Answer.CLEAN, walk.done());
        }
      }
    }
  }

  private static LadderWalk walk(TempoLadder ladder, LadderWalk.Answer... answers) {
    return LadderWalk.after(ladder, 0, List.of(answers));
  }
}
