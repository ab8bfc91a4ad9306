package ulnaawl.sheet.layout;

import java.util.List;
import ulnaawl.music.Count;

/**
 * Another way of dancing some counts of a section, in the sheet's words.
 *
 * @param source number of the sheet's line that says it
 * @param name what the sheet calls it; may be empty
 * @param counts what it replaces, counted within the section
 * @param exact whether the sheet names these counts; else it may replace only the last of them
 */
public record DraftOption(
    int source, String name, List<Count> counts, boolean exact, String words) {

  public DraftOption {
    counts = List.copyOf(counts);
  }

  DraftOption withCounts(List<Count> other) {
    return new DraftOption(source, name, other, exact, words);
  }
}
