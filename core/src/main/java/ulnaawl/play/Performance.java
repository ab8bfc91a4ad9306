package ulnaawl.play;

import java.util.List;
import ulnaawl.music.Count;
import ulnaawl.music.Meter;
import ulnaawl.music.Tempo;
import ulnaawl.teach.lesson.TeachPace;

/**
 * A track at a rate: when its ticks fall, and what is said on them.
 *
 * @param track what is danced
 * @param meter how its counts group
 * @param rate counts a minute
 * @param said all that is counted and called, in order of time
 */
public record Performance(Track track, Meter meter, Tempo rate, List<Said> said) {

  /** Nanoseconds of a tick at a thousandth of a count a minute. */
  private static final long NANOS_TIMES_MILLI = 60_000_000_000L * 1000L / Count.TICKS;

  public Performance {
    said = List.copyOf(said);
  }

  public static Performance of(Track track, Meter meter, Tempo rate, Announcer announcer) {
    return new Performance(track, meter, rate, Spoken.of(track, meter, rate, announcer));
  }

  /** Counts that are counted in before the first one. */
  public int countIn() {
    return TeachPace.countIn(meter);
  }

  /**
   * When a tick falls, in nanoseconds from the first count of the count-in, rounded down.
   *
   * @param tick from the first count of the track, not before the count-in
   */
  public long nanosAt(int tick) {
    long ticks = tick + (long) countIn() * Count.TICKS;
    return ticks * NANOS_TIMES_MILLI / rate.milliBpm();
  }

  /** How long all of it lasts, the count-in included, in nanoseconds. */
  public long nanos() {
    return nanosAt(track.ticks());
  }
}
