package ulnaawl.server.dances;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Compilation;
import ulnaawl.figure.FigureBook;
import ulnaawl.level.LevelMeasure;
import ulnaawl.server.vocabulary.Vocabulary;
import ulnaawl.server.vocabulary.VocabularyService;
import ulnaawl.text.SourceText;
import ulnaawl.wall.WallSequence;

/** Reads step texts through the core with the club's vocabulary; the same text is read once. */
@Component
@RequiredArgsConstructor
public class DanceReader {

  /** Signs of all texts whose readings are kept: some hundreds of dances. */
  private static final long MOST_SIGNS = 1_000_000;

  private static final int ENTRY_SIGNS = 500;

  private final VocabularyService vocabulary;
  private final Cache<Key, ReadDance> read =
      Caffeine.newBuilder()
          .maximumWeight(MOST_SIGNS)
          .weigher((Key key, ReadDance dance) -> key.stepText().length() + ENTRY_SIGNS)
          .build();

  /** A text means what the vocabulary says: another vocabulary, another reading. */
  private record Key(String stepText, long vocabulary) {}

  public FigureBook book() {
    return vocabulary.now().book();
  }

  /** Reads a stored dance. */
  public ReadDance read(String stepText) {
    Vocabulary now = vocabulary.now();
    Key key = new Key(stepText, now.number());
    return read.get(key, wanted -> compute(wanted.stepText(), now));
  }

  /** Reads a text that is being typed; it is not kept. */
  ReadDance readOnce(String stepText) {
    return compute(stepText, vocabulary.now());
  }

  private static ReadDance compute(String stepText, Vocabulary now) {
    Compilation compiled = CheckSuite.check(stepText, now.book(), now.table());
    return new ReadDance(
        SourceText.of(stepText),
        compiled.dance(),
        compiled.diagnostics(),
        LevelMeasure.of(compiled.dance(), now.book(), now.table()),
        WallSequence.of(compiled.dance()));
  }
}
