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

/**
 * What is no dance, as long as a text may be and half as long: twice the length may take about
 * twice the time, and no more.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class LargeInputBenchmark {

  /** What is said again and again. */
  @Param({"(", ",", "vine ", "1&", "song: a / b\n", "1-4  vyne R, waek L\n"})
  public String piece = "";

  /** Characters of the whole. */
  @Param({"30000", "60000"})
  public int length;

  private String text = "";
  private final FigureBook book = FigureBook.standard();

  @Setup
  public void write() {
    text = "section 1\n1-4  " + piece.repeat(length / piece.length());
  }

  @Benchmark
  public Compilation check() {
    return CheckSuite.check(text, book);
  }
}
