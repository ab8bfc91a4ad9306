package ulnaawl.music;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Tapped tempos against sequences whose beat and jitter are known. */
public class TapTempoTest {

  private static final int CASES = 400;

  @Test
  public void evenTapsAreExact() {
    TapTempo taps = TapTempo.of(evenly(500, 16)).orElseThrow();
    assertEquals(taps, new TapTempo(Tempo.ofBpm(120), 15, 16, 0, 0, 0, taps.uncertainMilliBpm()));
    assertTrue(taps.uncertainMilliBpm() < 100, taps.toString());
  }

  @Test
  public void threeTapsAreTooFew() {
    assertEquals(TapTempo.of(evenly(500, 3)), Optional.empty());
  }

  @DataProvider
  public Object[][] jitters() {
    return new Object[][] {{5}, {15}, {30}};
  }

  /** Fingers at a steady beat are off by some 10 to 30 ms (from memory, no source at hand). */
  @Test(dataProvider = "jitters")
  public void jitterStaysWithinTheUncertaintyThatIsStated(int sigma) {
    Random random = new Random(sigma);
    int within = 0;
    double spreads = 0;
    for (int i = 0; i < CASES; i++) {
      double bpm = 60 + random.nextInt(120_000) / 1000.0;
      List<Long> taps = new ArrayList<>();
      for (int beat = 0; beat < 24; beat++) {
        taps.add(Math.round(beat * 60_000 / bpm + sigma * random.nextGaussian()));
      }
      TapTempo read = TapTempo.of(taps).orElseThrow();
      double off = Math.abs(read.tempo().milliBpm() - bpm * 1000);
      within += off <= read.uncertainMilliBpm() ? 1 : 0;
      spreads += read.spreadMillis();
      assertTrue(off < bpm * 1000 * 0.015, bpm + " read as " + read);
    }
    assertTrue(within >= CASES * 92 / 100, within + " of " + CASES + " within");
    // The median of a normal spread is 0.6745 of its standard deviation.
    assertEquals(spreads / CASES, 0.6745 * sigma, 0.12 * sigma + 0.5);
  }

  @Test
  public void missedTapsAreCountedAsBeats() {
    List<Long> taps = evenly(480, 20);
    taps.remove(13);
    taps.remove(12);
    taps.remove(5);
    TapTempo read = TapTempo.of(taps).orElseThrow();
    assertEquals(read.tempo().milliBpm(), 125_000);
    assertEquals(read.missed(), 3);
    assertEquals(read.beats(), 19);
  }

  @Test
  public void doubledAndLateTapsAreLeftOut() {
    List<Long> taps = evenly(480, 20);
    taps.add(8, taps.get(7) + 90);
    taps.set(15, taps.get(15) + 170);
    TapTempo read = TapTempo.of(taps).orElseThrow();
    assertEquals(read.tempo().milliBpm(), 125_000);
    assertEquals(read.left(), 2);
  }

  @Test
  public void aPauseBeginsAnew() {
    List<Long> taps = evenly(700, 12);
    long later = taps.getLast() + TapTempo.PAUSE_MILLIS + 1;
    evenly(400, 8).forEach(tap -> taps.add(later + tap));
    assertEquals(TapTempo.of(taps).orElseThrow().tempo(), Tempo.ofBpm(150));
  }

  @Test
  public void knowsHalfAndDouble() {
    TapTempo counts = TapTempo.of(evenly(1000, 10)).orElseThrow();
    assertEquals(counts.against(Tempo.ofBpm(120)), Optional.of(CountRate.HALF));
    assertEquals(counts.against(Tempo.ofBpm(61)), Optional.of(CountRate.FULL));
    assertEquals(counts.against(Tempo.ofBpm(30)), Optional.of(CountRate.DOUBLE));
    assertEquals(counts.against(Tempo.ofBpm(90)), Optional.empty());
  }

  private static List<Long> evenly(int millis, int taps) {
    List<Long> all = new ArrayList<>();
    for (int i = 0; i < taps; i++) {
      all.add(1_000_000L + (long) i * millis);
    }
    return all;
  }
}
