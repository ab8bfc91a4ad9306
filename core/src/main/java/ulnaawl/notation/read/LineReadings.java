package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Rhythm;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceSpan;

/**
 * The ways in which the words of a step line can be taken. Where some fill the places of the line,
 * these, the plainest first; else the plainest alone.
 *
 * @param lines at least one; their spans are offsets in the words
 * @param diagnostics what is to be said of the words, whichever way they are taken
 */
public record LineReadings(List<StepLine> lines, List<Diagnostic> diagnostics) {

  private static final int MOST = 6;

  public LineReadings {
    lines = List.copyOf(lines);
    diagnostics = List.copyOf(diagnostics);
  }

  /**
   * Reads words, as {@code "rock R fwd, recover L"}.
   *
   * @param counts the places of the line; none where they are not known
   */
  public static LineReadings of(List<Count> counts, String words, FigureBook book) {
    Findings findings = new Findings();
    Line line = new Line(words, 0);
    boolean between = !counts.stream().allMatch(Count::isWhole);
    ClauseReader.Result read = ClauseReader.read(line, between, book, findings);
    List<StepLine> lines = new ArrayList<>();
    for (List<Item> items : new LineChoice(line, counts, book).all(read.elements())) {
      if (lines.size() < MOST) {
        boolean whole = read.whole() && !items.isEmpty();
        lines.add(new StepLine(counts, SourceSpan.at(0), items, whole, line.span()));
      }
    }
    return new LineReadings(lines, findings.all());
  }

  /** Whole counts that the plainest reading usually takes; 0 where a figure begins between them. */
  public int wholeCounts() {
    int counts = 0;
    for (Item item : lines.getFirst().items()) {
      String rhythm = item.figure().danced(item.direction()).getFirst().rhythm();
      counts += Rhythm.wholeCounts(rhythm) * item.instances();
    }
    return counts;
  }

  /** Whether every word was understood and the places of the line are filled. */
  public boolean isWhole() {
    return lines.getFirst().whole() && diagnostics.stream().noneMatch(Diagnostic::isError);
  }
}
