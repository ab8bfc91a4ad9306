package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
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
 * understood is kept as a remark at its place, and said. A line or a sheet that is longer than any
 * real one is said not to be read, so that the work is bounded; where its thread is interrupted,
 * reading ends between two sheets.
 */
@RequiredArgsConstructor
public final class SheetReader {

  /** Characters of a text that is read at once. */
  public static final int MOST_TEXT = 2 * 1024 * 1024;

  /** Lines of one sheet; more are no sheet. */
  public static final int MOST_LINES = 600;

  /** Characters of one sheet; of more, what comes first is read. */
  public static final int MOST_OF_SHEET = 60_000;

  /** Sheets in one text. */
  public static final int MOST_SHEETS = 400;

  private final FigureBook book;

  /**
   * All sheets of a text, in order; none where nothing is written in it.
   *
   * @throws IllegalArgumentException where the text is longer than {@link #MOST_TEXT}
   * @throws CancellationException where its thread is interrupted
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
    if (Thread.currentThread().isInterrupted()) {
      throw new CancellationException("Nobody waits for these sheets any more");
    }
    int most = most(lines);
    ReadSheet read =
        new SheetComposer(SheetLayout.of(lines.subList(0, most), book), book).compose();
    List<ReadLine> all = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      SheetLine line = lines.get(i);
      all.add(i < most && !line.isTooLong() ? read.lines().get(i) : unread(line));
    }
    return new ReadSheet(read.title(), read.stepText(), all);
  }

  /** How many of the lines are read. */
  private static int most(List<SheetLine> lines) {
    int signs = 0;
    int most = 0;
    while (most < Math.min(lines.size(), MOST_LINES) && signs <= MOST_OF_SHEET) {
      signs += lines.get(most++).text().length();
    }
    return most;
  }

  /** A line that is too long, or beyond those that are read: it is shown, and said not to be. */
  private static ReadLine unread(SheetLine line) {
    boolean blank = line.isEmpty() && !line.isTooLong();
    List<Doubt> doubts = blank ? List.of() : List.of(new Doubt.Unread());
    return new ReadLine(line.number(), line.written(), blank, List.of(), doubts, List.of());
  }
}
