package ulnaawl.bench;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
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
import ulnaawl.dance.Dance;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.SongPhrases;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.prose.ProseSheet;
import ulnaawl.sheet.read.SheetReader;
import ulnaawl.song.EndingHelper;
import ulnaawl.song.RestartHelper;
import ulnaawl.teach.Teach;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.School;
import ulnaawl.wall.SequenceRequest;

/** What is computed behind a button: a sheet, endings, restarts on phrases, a teach for an hour. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 2, time = 3)
@Fork(1)
public class HelpBenchmark {

  private static final int HOUR = 60;

  /** Counts of a wall. */
  @Param({"32", "64"})
  public int counts;

  private final FigureBook book = FigureBook.standard();
  private String text = "";
  private String sheet = "";
  private Optional<Dance> dance = Optional.empty();

  @Setup
  public void write() {
    text = DanceText.of(counts);
    dance = Optional.of(DanceCompiler.compile(text, book).dance());
    sheet = ProseSheet.of(dance.orElseThrow(), book);
  }

  private SequenceRequest request() {
    return new SequenceRequest(
        dance.orElseThrow().headers().songs().stream().findFirst().map(it -> it.value()),
        OptionalInt.empty(),
        false);
  }

  /** A printed sheet of the dance, in full sentences. */
  @Benchmark
  public List<ReadSheet> sheet() {
    return new SheetReader(book).read(sheet);
  }

  @Benchmark
  public EndingHelper.Proposal endings() {
    return EndingHelper.propose(text, book, request(), 8);
  }

  @Benchmark
  public RestartHelper.Advice restarts() {
    return RestartHelper.advise(text, book, request(), SongPhrases.parse("32x2 16 32x2 24 32x3"));
  }

  @Benchmark
  public Teach teach() {
    Lesson lesson = new Lesson(dance.orElseThrow(), book, Learner.fresh(TeachPace.LIVE));
    return Teach.of(lesson, School.ADD_ON, HOUR);
  }
}
