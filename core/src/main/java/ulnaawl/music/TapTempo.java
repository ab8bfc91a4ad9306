package ulnaawl.music;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The tempo that somebody taps. A tap that was missed, doubled or late does little harm: the length
 * of a beat is the median slope over all pairs of taps (Theil 1950, Sen 1968; from memory), after
 * each tap has found the beat it belongs to.
 *
 * @param tempo beats (or counts) a minute
 * @param beats beats between the first and the last tap that were used
 * @param used taps that were used
 * @param missed beats in between that nobody tapped
 * @param left taps that were left out: doubled, or far off the beat
 * @param spreadMillis how far a tap lies from its beat, as the median, in milliseconds
 * @param uncertainMilliBpm half the width of a range that holds the tempo in about 19 of 20 cases,
 *     in thousandths of a beat a minute
 */
public record TapTempo(
    Tempo tempo,
    int beats,
    int used,
    int missed,
    int left,
    int spreadMillis,
    int uncertainMilliBpm) {

  /** A pause longer than this begins the tapping anew. */
  public static final int PAUSE_MILLIS = 3_500;

  /** Taps that are looked at, the newest. */
  public static final int MOST = 96;

  private static final int FEWEST = 4;

  /** A tap this close behind another, as a share of a beat, was doubled by a nervous finger. */
  private static final double DOUBLED = 0.4;

  /** A tap further from its beat than this share of one is left out. */
  private static final double FAR = 0.28;

  /** Standard deviations from a median of absolute deviations, for a normal spread. */
  private static final double SIGMA_OF_MEDIAN = 1.4826;

  /**
   * Standard errors in the stated uncertainty: two for 19 in 20, and a quarter more since the
   * spread itself is only estimated, from few taps.
   */
  private static final double WIDTH = 2.5;

  /**
   * The tempo of taps.
   *
   * @param millis when each tap came, rising, in milliseconds from any start
   * @return empty while there are fewer than four taps that agree, or they are too slow or too fast
   */
  public static Optional<TapTempo> of(List<Long> millis) {
    long[] taps = sinceLastPause(millis);
    if (taps.length < FEWEST) {
      return Optional.empty();
    }
    double beat = usualInterval(taps);
    List<double[]> placed = place(taps, beat);
    if (placed.size() < FEWEST) {
      return Optional.empty();
    }
    double length = slope(placed);
    placed = keepNear(placed, length);
    if (placed.size() < FEWEST) {
      return Optional.empty();
    }
    return reading(taps.length, placed);
  }

  /** How many more taps there must be before they can be read; a pause begins anew. */
  public static int missing(List<Long> millis) {
    return Math.max(0, FEWEST - sinceLastPause(millis).length);
  }

  private static Optional<TapTempo> reading(int all, List<double[]> placed) {
    double length = slope(placed);
    double milliBpm = 60_000_000.0 / length;
    if (milliBpm < Tempo.MIN_MILLI || milliBpm > Tempo.MAX_MILLI) {
      return Optional.empty();
    }
    double[] off = deviations(placed, length);
    double spread = median(Arrays.stream(off).map(Math::abs).toArray());
    int beats = (int) (placed.getLast()[0] - placed.getFirst()[0]);
    double mean = placed.stream().mapToDouble(tap -> tap[0]).average().orElse(0);
    double reach = placed.stream().mapToDouble(tap -> Math.pow(tap[0] - mean, 2)).sum();
    double error = WIDTH * SIGMA_OF_MEDIAN * Math.max(spread, 1) / Math.sqrt(reach);
    return Optional.of(
        new TapTempo(
            new Tempo((int) Math.round(milliBpm)),
            beats,
            placed.size(),
            beats + 1 - placed.size(),
            all - placed.size(),
            (int) Math.round(spread),
            (int) Math.round(milliBpm * error / length)));
  }

  /**
   * How a song's printed beats are counted, if these taps are the counts.
   *
   * @return empty where neither the printed beats, nor half, nor double of them are near
   */
  public Optional<CountRate> against(Tempo printed) {
    for (CountRate rate : CountRate.values()) {
      double wanted = rate.scale(printed.milliBpm() * 1000L) / 1000.0;
      if (Math.abs(tempo.milliBpm() - wanted) <= wanted * 0.06) {
        return Optional.of(rate);
      }
    }
    return Optional.empty();
  }

  private static long[] sinceLastPause(List<Long> millis) {
    int from = Math.max(0, millis.size() - MOST);
    for (int i = from + 1; i < millis.size(); i++) {
      if (millis.get(i) - millis.get(i - 1) > PAUSE_MILLIS) {
        from = i;
      }
    }
    return millis.subList(from, millis.size()).stream().mapToLong(Long::longValue).toArray();
  }

  private static double usualInterval(long[] taps) {
    double[] intervals = new double[taps.length - 1];
    for (int i = 1; i < taps.length; i++) {
      intervals[i - 1] = taps[i] - taps[i - 1];
    }
    double first = median(intervals);
    double[] plain = Arrays.stream(intervals).filter(it -> it > first * DOUBLED).toArray();
    return plain.length == 0 ? first : median(plain);
  }

  /** Each tap with the number of its beat and its time; doubled taps are left out. */
  private static List<double[]> place(long[] taps, double beat) {
    List<double[]> placed = new ArrayList<>();
    placed.add(new double[] {0, taps[0]});
    for (int i = 1; i < taps.length; i++) {
      double[] last = placed.getLast();
      double since = (taps[i] - last[1]) / beat;
      if (since < DOUBLED) {
        continue;
      }
      placed.add(new double[] {last[0] + Math.max(1, Math.round(since)), taps[i]});
    }
    return placed;
  }

  private static List<double[]> keepNear(List<double[]> placed, double length) {
    double[] off = deviations(placed, length);
    List<double[]> near = new ArrayList<>();
    for (int i = 0; i < off.length; i++) {
      if (Math.abs(off[i]) <= FAR * length) {
        near.add(placed.get(i));
      }
    }
    return near;
  }

  private static double[] deviations(List<double[]> placed, double length) {
    double[] starts = placed.stream().mapToDouble(tap -> tap[1] - tap[0] * length).toArray();
    double start = median(starts);
    return Arrays.stream(starts).map(it -> it - start).toArray();
  }

  private static double slope(List<double[]> placed) {
    List<Double> slopes = new ArrayList<>();
    for (int i = 0; i < placed.size(); i++) {
      for (int j = i + 1; j < placed.size(); j++) {
        double beats = placed.get(j)[0] - placed.get(i)[0];
        // Far pairs tell the slope best; near ones mostly tell the jitter.
        if (beats * 3 >= placed.getLast()[0] - placed.getFirst()[0]) {
          slopes.add((placed.get(j)[1] - placed.get(i)[1]) / beats);
        }
      }
    }
    return median(slopes.stream().mapToDouble(Double::doubleValue).toArray());
  }

  private static double median(double[] values) {
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    int middle = sorted.length / 2;
    return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
  }
}
