package ulnaawl.sheet.read;

import java.util.List;
import ulnaawl.figure.FigureBook;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.layout.SheetLayout;
import ulnaawl.sheet.layout.SheetLine;
import ulnaawl.sheet.layout.SheetSplitter;

/**
 * Reads printed sheets into step text. Whatever a text has in it, it never throws: what is not
 * understood is kept as a remark at its place, and said.
 */
public final class SheetReader {

  /** Characters of a text that is read at once. */
  public static final int MOST_TEXT = 2 * 1024 * 1024;

  /** Lines of one sheet; more are no sheet. */
  public static final int MOST_LINES = 600;

  /** Sheets in one text. */
  public static final int MOST_SHEETS = 400;

  private final FigureBook book;

  public SheetReader(FigureBook book) {
    this.book = book;
  }

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
    List<SheetLine> read = lines.size() > MOST_LINES ? lines.subList(0, MOST_LINES) : lines;
    return new SheetComposer(SheetLayout.of(read, book), book).compose();
  }
}
