package ulnaawl.server.dances;

import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.figure.FigureBook;
import ulnaawl.server.reading.ReadingRoom;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.read.SheetReader;

/** The printed sheets that dances were read from, line by line beside what they became. */
@Component
@RequiredArgsConstructor
class PrintedSheets {

  /** Characters of a sheet that is kept. */
  static final int MOST_TEXT = 64 * 1024;

  private final DanceStore store;
  private final DanceReader reader;
  private final ReadingRoom room;

  /**
   * A sheet.
   *
   * @param version the version of the dance that was read from it; 0 where there is no sheet
   */
  record PrintedSheet(int version, List<PrintedLine> lines) {}

  /**
   * A line of a sheet.
   *
   * @param became the lines of step text that it is read as
   */
  record PrintedLine(int number, String text, List<String> became) {}

  PrintedSheet of(DanceRow row) {
    return store
        .sheet(row.id())
        .map(stored -> new PrintedSheet(stored.version(), lines(stored.sheet())))
        .orElse(new PrintedSheet(0, List.of()));
  }

  private List<PrintedLine> lines(String sheet) {
    FigureBook book = reader.book();
    return room.read(() -> new SheetReader(book).read(sheet)).stream()
        .limit(1)
        .flatMap(read -> lines(read).stream())
        .toList();
  }

  private static List<PrintedLine> lines(ReadSheet read) {
    List<String> stepLines = read.stepText().lines().toList();
    return read.lines().stream()
        .map(line ->
            new PrintedLine(
                line.number(),
                line.text(),
                line.stepLines().stream().map(at -> stepLines.get(at - 1)).toList()))
        .toList();
  }
}
