package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.List;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureBook;
import ulnaawl.sheet.Doubt;
import ulnaawl.sheet.ReadLine;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.layout.SheetLayout;
import ulnaawl.sheet.layout.SheetLine;
import ulnaawl.sheet.layout.SheetSplitter;

/**
 * Reads printed sheets into step text. Whatever a text has in it, it never throws: what is not
 * understood is kept as a remark at its place, and said.
 */
@RequiredArgsConstructor
public final class SheetReader {

  /** Characters of a text that is read at once. */
  public static final int MOST_TEXT = 2 * 1024 * 1024;

  /** Lines of one sheet; more are no sheet. */
  public static final int MOST_LINES = 600;

  /** Sheets in one text. */
  public static final int MOST_SHEETS = 400;

  private final FigureBook book;

  /**
   * All sheets of a text, in order; none where nothing is written in it.
   *
   * @throws IllegalArgumentException where the text is longer than {@link #MOST_TEXT}
   */
  public List<ReadSheet> read(String text) {
    if (text.length() > MOST_TEXT) {
      throw new IllegalArgumentException("A text of " + text.length() + " characters");
    }
    return SheetSplitter.split(text).stream()
        .filter(lines -> lines.stream().anyMatch(line -> !line.isEmpty()))
        .limit(MOST_SHEETS)
        .map(this::readOne)
        .toList();
  }

  private ReadSheet readOne(List<SheetLine> lines) {
    int most = Math.min(lines.size(), MOST_LINES);
    ReadSheet read =
        new SheetComposer(SheetLayout.of(lines.subList(0, most), book), book).compose();
    if (most == lines.size()) {
      return read;
    }
    List<ReadLine> all = new ArrayList<>(read.lines());
    lines.subList(most, lines.size()).forEach(line -> all.add(unread(line)));
    return new ReadSheet(read.title(), read.stepText(), all);
  }

  /** A line beyond those that are read: it is shown, and said not to be. */
  private static ReadLine unread(SheetLine line) {
    List<Doubt> doubts = line.isEmpty() ? List.of() : List.of(new Doubt.Unread());
    return new ReadLine(
        line.number(), line.written(), line.isEmpty(), List.of(), doubts, List.of());
  }
}
