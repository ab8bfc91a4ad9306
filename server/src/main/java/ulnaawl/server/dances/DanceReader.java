package ulnaawl.server.dances;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Compilation;
import ulnaawl.figure.FigureBook;
import ulnaawl.level.LevelMeasure;
import ulnaawl.text.SourceText;
import ulnaawl.wall.WallSequence;

/** Reads step texts through the core; the same text is read once. */
@Component
public class DanceReader {

  private static final int KEPT = 3000;

  private final FigureBook book = FigureBook.standard();
  private final Cache<String, ReadDance> read = Caffeine.newBuilder().maximumSize(KEPT).build();

  public FigureBook book() {
    return book;
  }

  /** Reads a stored dance. */
  public ReadDance read(String stepText) {
    return read.get(stepText, this::compute);
  }

  /** Reads a text that is being typed; it is not kept. */
  ReadDance readOnce(String stepText) {
    return compute(stepText);
  }

  private ReadDance compute(String stepText) {
    Compilation compiled = CheckSuite.check(stepText, book);
    return new ReadDance(
        SourceText.of(stepText),
        compiled.dance(),
        compiled.diagnostics(),
        LevelMeasure.of(compiled.dance(), book),
        WallSequence.of(compiled.dance()));
  }
}
