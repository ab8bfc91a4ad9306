package ulnaawl.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Compilation;
import ulnaawl.figure.FigureBook;

/** Parsing, compiling and checking one dance with phrasing, by its length. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class CheckBenchmark {

  /** Counts of a wall. */
  @Param({"32", "64", "128", "256"})
  public int counts;

  private String text = "";
  private final FigureBook book = FigureBook.standard();

  @Setup
  public void write() {
    text = DanceText.of(counts);
  }

  @Benchmark
  public Compilation check() {
    return CheckSuite.check(text, book);
  }
}
