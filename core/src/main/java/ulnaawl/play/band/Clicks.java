package ulnaawl.play.band;

import java.util.List;
import java.util.stream.IntStream;
import ulnaawl.music.Count;
import ulnaawl.music.Meter;
import ulnaawl.play.Track;

/** The click of a run-through: on every count from the count-in on, stronger where a bar begins. */
public final class Clicks {

  private Clicks() {}

  /**
   * All of them, in order of time.
   *
   * @param countIn counts that are counted in
   */
  public static List<Hit> of(Track track, Meter meter, int countIn) {
    return IntStream.range(-countIn, track.counts())
        .mapToObj(count ->
            new Hit(
                count * Count.TICKS,
                Math.floorMod(count, meter.beats()) == 0 ? Instrument.ACCENT : Instrument.CLICK,
                100,
                0))
        .toList();
  }
}
