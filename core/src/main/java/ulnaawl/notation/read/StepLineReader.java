package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Reads a step line: counts, then items parted by commas. */
@RequiredArgsConstructor
final class StepLineReader {

  private final FigureBook book;
  private final Findings findings;

  StepLine read(Line line) {
    CountsReader.Result counts = CountsReader.read(line, findings);
    Line rest = line.from(counts.end());
    List<Item> items = new ArrayList<>();
    boolean whole = true;
    if (rest.isEmpty()) {
      findings.add(
          Diagnostic.of(
              Code.NO_FIGURES,
              line.span(),
              "These counts have no steps; write the figure after two spaces, or hold."));
      whole = false;
    }
    boolean between = !counts.counts().stream().allMatch(Count::isWhole);
    ClauseReader.Result read = ClauseReader.read(rest, between, book, findings);
    items.addAll(new LineChoice(rest, counts.counts(), book).of(read.elements()));
    whole &= read.whole();
    return new StepLine(
        counts.counts(), line.span(0, Math.max(counts.end(), 1)), items, whole, line.span());
  }
}
