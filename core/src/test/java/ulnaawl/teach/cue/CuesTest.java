package ulnaawl.teach.cue;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.DancedFigure;
import ulnaawl.music.Tempo;

/** Calls and the time they take, worked by hand. */
public class CuesTest {

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
        List.of("vine right", "touch left", "rock back left", "shuffle forward"));
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

  /** Common practice, no source: what is called in the hall, and what a short call keeps. */
  @Test
  public void callsAreWordedAsTheyAreSaid() {
    Dance dance =
        Dances.dance(
            "title: T\nstart: weight L\nsection 1\n1-2  step pivot R 1/2 L\n3-6  bump R R L L\n7-8 "
                + " step pivot R 1/4 L\n");
    assertEquals(
        DancedFigure.calls(dance.sections().getFirst().places()),
        List.of("step, half turn left", "hips right-right, left-left", "step, quarter turn left"));
    Dance fast =
        Dances.dance(
            "title: F\nstart: weight L\nsection 1\n1&2  coaster step R\n3&4  shuffle L 1/2 R\n5-8 "
                + " walk R L R L\n");
    List<Cue> cues = Cues.of(fast.sections().getFirst(), Cue.Style.NAMES, Tempo.ofBpm(230));
    assertTrue(
        List.of("shuffle half right", "half right").contains(cues.get(1).text()),
        cues.get(1).text());
    for (Cue cue : Cues.of(fast.sections().getFirst(), Cue.Style.STEPS, Tempo.ofBpm(230))) {
      assertTrue(
          cue.how() == Cue.How.SILENT || cue.text().matches(".*(right|left)"),
          "keeps the foot: " + cue);
    }
  }
}
