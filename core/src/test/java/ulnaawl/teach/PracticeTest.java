package ulnaawl.teach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Echo;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Tempo;

/** Loads, what practice does to them, a group's own pace, ladders and calls: worked by hand. */
public class PracticeTest {

  private static final FigureBook BOOK = FigureBook.standard();

  private static Load load(Dance dance, int section, Set<String> met) {
    return Load.of(dance.sections().get(section - 1), dance, Echo.of(dance), BOOK, met, false);
  }

  /** Eight walking counts are 8; what repeats leaves 35 %, what mirrors 60 %. */
  @Test
  public void loadsInPlainCounts() {
    Dance dance =
        Dances.dance(
            "title: T\nstart: weight L\nsection 1\n1-8  walk R L R L R L R L\n"
                + "section 2\n1-8  walk R L R L R L R L\n");
    assertEquals(load(dance, 1, Set.of()).parts().getFirst(), part(LoadReason.What.PLACES, 8, 80));
    // Its second half repeats its first: 80 % of 80.
    assertEquals(load(dance, 1, Set.of()).tenths(), 64);
    assertEquals(load(dance, 2, Set.of()).tenths(), 28);
  }

  /** By hand: 2 sailors of 3 places: 4 on the count, 2 between; a new beginner's figure 30 + 8. */
  @Test
  public void newFiguresAndTurnsWeighMore() {
    Dance dance =
        Dances.dance(
            "title: T\nstart: weight L\nsection 1\n1&2  sailor R\n3&4  sailor L 1/4 L\n5-8  walk R L"
                + " R L\n");
    Load fresh = load(dance, 1, Set.of());
    String sailor = dance.main().places().getFirst().figure();
    Load met = load(dance, 1, Set.of(sailor));
    int level = BOOK.find(sailor).orElseThrow().level().ordinal();
    assertEquals(fresh.tenths() - met.tenths(), 30 + 8 * level);
    assertTrue(met.parts().contains(part(LoadReason.What.PLACES, 8, 80)));
    assertTrue(met.parts().contains(part(LoadReason.What.BETWEEN_COUNTS, 2, 24)));
    assertTrue(met.parts().contains(part(LoadReason.What.EIGHTHS_OF_TURN, 2, 14)));
  }

  private static Load.Part part(LoadReason.What what, int number, int tenths) {
    return new Load.Part(new LoadReason.Counted(what, number), tenths);
  }

  /** The law: a piece of 2 plain counts is half learned in one full turn, 3/4 in two. */
  @Test
  public void eachTurnClosesTheSameShare() {
    assertEquals(Practice.readiness(1000, 20), 500);
    assertEquals(Practice.readiness(2000, 20), 750);
    assertEquals(Practice.readiness(2000, 40), 500);
    assertEquals(Practice.readiness(0, 20), 0);
    assertEquals(Practice.worth(Mode.WORDS, 100), 600);
    assertEquals(Practice.worth(Mode.COUNTS, 100), 1000);
    assertEquals(Practice.worth(Mode.COUNTS, 60), 550 + 450 * 60 / 100);
    for (int ready = 0; ready < 990; ready += 30) {
      assertEquals(Practice.readiness(Practice.exposureFor(ready, 120), 120), ready, 2);
    }
  }

  @Test
  public void aGroupsPaceIsLearnedAndOneOddEveningChangesLittle() {
    TeachPace.Past slow = new TeachPace.Past(600, 720, 150);
    assertEquals(TeachPace.LIVE.learned(List.of()), TeachPace.LIVE);
    // 150 % planned took a fifth longer: 180 %. One teach against three usual ones: 157.
    assertEquals(TeachPace.LIVE.learned(List.of(slow)).classPercent(), (180 + 3 * 150) / 4);
    List<TeachPace.Past> many = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      many.add(slow);
    }
    int steady = TeachPace.LIVE.learned(many).classPercent();
    assertEquals(steady, (180 * 9 + 3 * 150) / 12);
    many.set(4, new TeachPace.Past(600, 3600, 150));
    assertEquals(TeachPace.LIVE.learned(many).classPercent(), steady, "the fire alarm");
  }

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

  private static LadderWalk walk(TempoLadder ladder, LadderWalk.Answer... answers) {
    return LadderWalk.after(ladder, 0, List.of(answers));
  }

  @Test
  public void syllablesOfCalls() {
    Map<String, Integer> counted =
        Map.of(
            "vine right", 2,
            "shuffle forward left", 5,
            "coaster left", 3,
            "step pivot right 1/2", 5,
            "jazz box", 2,
            "kick ball change", 3,
            "side together", 4,
            "touch", 1);
    counted.forEach((call, syllables) -> assertEquals(Syllables.of(call), (int) syllables, call));
  }

  /** By hand, at 120 a minute a syllable takes half a count, 6 ticks. */
  @Test
  public void callsAreHeardBeforeTheyAreDanced() {
    Dance dance =
        Dances.dance(
            "title: T\nstart: weight L\nsection 1\n1-4  vine R, touch L\n5-6  rock L back\n7&8  shuffle"
                + " L fwd\n");
    List<Cue> cues = Cues.of(dance.sections().getFirst(), Cue.Style.NAMES, Tempo.ofBpm(120));
    assertEquals(
        cues.stream().map(Cue::text).toList(),
        List.of("vine right", "touch left", "rock back left", "shuffle fwd left"));
    assertEquals(cues.getFirst(), new Cue("vine right", "vine right", Cue.How.FITS, -12, 0, 2));
    // The rock's three syllables take 18 ticks, and only 12 lie behind the touch's call: that
    // moves.
    assertEquals(cues.get(1).how(), Cue.How.MOVED);
    assertEquals(cues.get(1).startTick(), 36 - 12 - 6);
    assertEquals(cues.get(2).startTick(), 48 - 18);
    for (int i = 1; i < cues.size(); i++) {
      Cue before = cues.get(i - 1);
      int spoken = before.startTick() + before.syllables() * 6;
      assertTrue(spoken <= cues.get(i).startTick() && spoken <= before.danceTick());
    }
  }

  /**
   * Whatever the speed and the style: no call begins before the last one has ended, none comes
   * late.
   */
  @Test
  public void callsNeverOverlap() {
    Dance dance = Dances.dance(Dances.paperLanterns());
    for (int bpm = 60; bpm <= 200; bpm += 10) {
      int syllable = (bpm * 12 + 239) / 240;
      for (Cue.Style style : List.of(Cue.Style.NAMES, Cue.Style.STEPS)) {
        for (var section : dance.sections()) {
          int free = Integer.MIN_VALUE;
          int said = 0;
          List<Cue> cues = Cues.of(section, style, Tempo.ofBpm(bpm));
          for (Cue cue : cues) {
            if (cue.how() != Cue.How.SILENT) {
              said++;
              assertTrue(cue.startTick() >= free, bpm + " " + cue);
              free = cue.startTick() + cue.syllables() * syllable;
              assertTrue(free <= cue.danceTick(), bpm + " " + cue);
            }
          }
          // Slowly there is time for every name; at full speed for most of them; never for none.
          boolean names = style == Cue.Style.NAMES;
          int least = names && bpm <= 80 ? cues.size() : names && bpm <= 120 ? cues.size() / 2 : 1;
          assertTrue(said >= least, bpm + " " + style + ": " + said + " of " + cues.size());
        }
      }
    }
    List<Cue> counts = Cues.of(dance.sections().get(1), Cue.Style.COUNTS, Tempo.ofBpm(112));
    assertEquals(
        counts.stream().map(Cue::text).toList(),
        List.of("1", "2", "3", "4", "5", "6", "7", "&", "8"));
    List<Cue> numbered = Cues.of(dance.sections().get(1), Cue.Style.NUMBERED, Tempo.ofBpm(112));
    assertEquals(numbered.getLast().text(), "9");
  }
}
