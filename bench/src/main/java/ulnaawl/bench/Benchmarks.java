package ulnaawl.bench;

import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import ulnaawl.check.CheckSuite;
import ulnaawl.figure.FigureBook;

/** Runs the benchmarks and says what the product promises of them, as ratios of one run. */
public final class Benchmarks {

  private static final int MANY = 10_000;
  private static final int ROUNDS = 3;

  private Benchmarks() {}

  public static void main(String[] args) throws RunnerException {
    Collection<RunResult> results =
        new Runner(
                new OptionsBuilder()
                    .include(CheckBenchmark.class.getName())
                    .addProfiler(GCProfiler.class)
                    .build())
            .run();
    Map<Integer, Double> medians = new TreeMap<>();
    for (RunResult result : results) {
      int counts = Integer.parseInt(result.getParams().getParam("counts"));
      double median = result.getPrimaryResult().getStatistics().getPercentile(50);
      medians.put(counts, median);
      double bytes = result.getSecondaryResults().get("gc.alloc.rate.norm").getScore();
      System.out.printf("%3d counts: median %.0f us, %.0f bytes a dance%n", counts, median, bytes);
    }
    System.out.printf(
        "64 counts with phrasing: %.3f ms at the median (promised: under 1)%n",
        medians.getOrDefault(64, 0.0) / 1000);
    System.out.printf(
        "256 counts take %.2f times the time of 64 (linear: 4)%n",
        medians.getOrDefault(256, 0.0) / medians.getOrDefault(64, 1.0));
    help(medians);
    plans();
    for (int time = 1; time <= ROUNDS; time++) {
      System.out.printf(
          "%d dances on %d cores, round %d: %.2f s (promised: under 5 once the machine is warm)%n",
          MANY, Runtime.getRuntime().availableProcessors(), time, seconds());
    }
  }

  /** A class of 90 minutes planned from few and from many dances. */
  private static void plans() throws RunnerException {
    Map<Integer, Double> medians = new TreeMap<>();
    Collection<RunResult> results =
        new Runner(new OptionsBuilder().include(PlanBenchmark.class.getName()).build()).run();
    for (RunResult result : results) {
      double median = result.getPrimaryResult().getStatistics().getPercentile(50);
      medians.put(Integer.parseInt(result.getParams().getParam("dances")), median);
    }
    System.out.printf(
        "a class from 300 dances: %.0f ms at the median (promised: under 100), %.1f times one from 30%n",
        medians.getOrDefault(300, 0.0) / 1000,
        medians.getOrDefault(300, 0.0) / medians.getOrDefault(30, 1.0));
  }

  /** What a button computes, against reading a dance of the same length. */
  private static void help(Map<Integer, Double> reading) throws RunnerException {
    Collection<RunResult> results =
        new Runner(new OptionsBuilder().include(HelpBenchmark.class.getName()).build()).run();
    for (RunResult result : results) {
      int counts = Integer.parseInt(result.getParams().getParam("counts"));
      String what = result.getParams().getBenchmark().replaceAll(".*\\.", "");
      double median = result.getPrimaryResult().getStatistics().getPercentile(50);
      System.out.printf(
          "%s for %d counts: median %.1f ms, %.0f times reading the dance%n",
          what, counts, median / 1000, median / reading.getOrDefault(counts, median));
    }
  }

  private static double seconds() {
    long start = System.nanoTime();
    long found =
        IntStream.range(0, MANY)
            .parallel()
            .mapToLong(i ->
                CheckSuite.check(DanceText.of(16 + i % 7 * 8), FigureBook.standard())
                    .diagnostics()
                    .size())
            .sum();
    double seconds = (System.nanoTime() - start) / 1e9;
    if (found == 0) {
      throw new IllegalStateException("Nothing was checked");
    }
    return seconds;
  }
}
