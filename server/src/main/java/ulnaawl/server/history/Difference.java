package ulnaawl.server.history;

import com.github.difflib.text.DiffRow;
import com.github.difflib.text.DiffRowGenerator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A line that was taken away, put in, or put in the place of another. */
public record Difference(Optional<String> was, Optional<String> now) {

  /** Lines as they are; how they are shown is for the page to say. */
  private static final DiffRowGenerator GENERATOR =
      DiffRowGenerator.create().lineNormalizer(line -> line).build();

  /** What differs between two texts, line by line; what stayed is not told. */
  public static List<Difference> between(List<String> was, List<String> now) {
    List<Difference> found = new ArrayList<>();
    for (DiffRow row : GENERATOR.generateDiffRows(was, now)) {
      switch (row.getTag()) {
        case INSERT -> found.add(new Difference(Optional.empty(), Optional.of(row.getNewLine())));
        case DELETE -> found.add(new Difference(Optional.of(row.getOldLine()), Optional.empty()));
        case CHANGE ->
            found.add(new Difference(Optional.of(row.getOldLine()), Optional.of(row.getNewLine())));
        case EQUAL -> {
          // What stayed is not told.
        }
      }
    }
    return found;
  }
}
