package ulnaawl.notation.read;

import java.util.List;
import java.util.Optional;
import ulnaawl.music.Count;

/**
 * Counts at the head of a line of any text.
 *
 * @param counts at least one, rising
 * @param end offset in the line after the counts
 */
public record LeadingCounts(List<Count> counts, int end) {

  public LeadingCounts {
    counts = List.copyOf(counts);
  }

  /** The counts that a line begins with; none where it begins otherwise, or with a fraction. */
  public static Optional<LeadingCounts> of(String text) {
    if (text.isBlank() || !CountsReader.startsCounts(text)) {
      return Optional.empty();
    }
    Findings findings = new Findings();
    CountsReader.Result read = CountsReader.read(new Line(text, 0), findings);
    return read.counts().isEmpty() || !findings.all().isEmpty()
        ? Optional.empty()
        : Optional.of(new LeadingCounts(read.counts(), read.end()));
  }
}
