package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Optional;
import ulnaawl.music.Count;

/**
 * Steps as a sheet has them, before anybody asks what they mean.
 *
 * @param sources numbers of the sheet's lines that they stand on, at least one
 * @param counts their places, counted within the section; none where the sheet has no counts
 * @param words the steps in the sheet's words
 * @param again what they repeat, where the sheet only says so
 */
public record DraftLine(
    List<Integer> sources, List<Count> counts, String words, Optional<Again> again) {

  public DraftLine {
    sources = List.copyOf(sources);
    counts = List.copyOf(counts);
  }

  /**
   * Counts that stand above, once more.
   *
   * @param section whether whole sections are meant, not counts
   * @param from first count, or number of the first section; 1 or more
   * @param to last one
   * @param mirrored whether the sheet says that the other foot leads
   */
  public record Again(boolean section, int from, int to, boolean mirrored) {}

  DraftLine withCounts(List<Count> other) {
    return new DraftLine(sources, other, words, again);
  }
}
