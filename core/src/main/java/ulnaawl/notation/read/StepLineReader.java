package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.Item;
import ulnaawl.notation.Limits;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Reads a step line: counts, then items parted by commas. */
final class StepLineReader {

  private final FigureBook book;
  private final Findings findings;

  StepLineReader(FigureBook book, Findings findings) {
    this.book = book;
    this.findings = findings;
  }

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
    for (Line part : splitItems(rest)) {
      if (items.size() >= Limits.COUNT) {
        break;
      }
      Optional<Item> item = ItemReader.read(part, book, findings);
      item.ifPresent(items::add);
      whole &= item.isPresent();
    }
    return new StepLine(
        counts.counts(), line.span(0, Math.max(counts.end(), 1)), items, whole, line.span());
  }

  /** Splits at commas that stand outside brackets. */
  private static List<Line> splitItems(Line rest) {
    List<Line> parts = new ArrayList<>();
    String text = rest.text();
    int depth = 0;
    int begin = 0;
    for (int i = 0; i <= text.length(); i++) {
      boolean end = i == text.length();
      char c = end ? ',' : text.charAt(i);
      if (c == '(') {
        depth++;
      } else if (c == ')' && depth > 0) {
        depth--;
      } else if (end || (c == ',' && depth == 0)) {
        Line part = rest.between(begin, i);
        if (!part.isEmpty()) {
          parts.add(part);
        }
        begin = i + 1;
      }
    }
    return parts;
  }
}
