package ulnaawl.server.sheets;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.dance.lineage.FeetPrint;
import ulnaawl.figure.FigureBook;
import ulnaawl.formats.SheetFile;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.CatalogDance;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.reading.ReadingRoom;
import ulnaawl.server.sheets.SheetShapes.LikeDance;
import ulnaawl.server.sheets.SheetShapes.Likeness;
import ulnaawl.server.sheets.SheetShapes.OtherView;
import ulnaawl.server.sheets.SheetShapes.SheetLineView;
import ulnaawl.server.sheets.SheetShapes.SheetView;
import ulnaawl.sheet.ReadLine;
import ulnaawl.sheet.ReadLine.Understanding;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.read.SheetReader;
import ulnaawl.words.Speech;

/** Reads sheets with the club's figures; nothing is kept until a dance is added. */
@Service
@RequiredArgsConstructor
class SheetService {

  private final DanceReader reader;
  private final Catalog catalog;
  private final ReadingRoom room;
  private final Speech speech;

  List<SheetView> read(String text) {
    FigureBook book = reader.book();
    List<CatalogDance> dances = catalog.now().all();
    return room.read(() -> new SheetReader(book).read(text)).stream()
        .map(sheet -> view(sheet, book, dances))
        .toList();
  }

  String text(byte[] file) {
    return room.read(() -> {
      try {
        return SheetFile.text(file);
      } catch (IOException refusal) {
        throw Problem.rejected("This file cannot be read: " + refusal.getMessage() + ".");
      }
    });
  }

  private SheetView view(ReadSheet sheet, FigureBook book, List<CatalogDance> dances) {
    List<SheetLineView> lines = sheet.lines().stream().map(this::line).toList();
    return new SheetView(
        sheet.title(),
        sheet.stepText(),
        lines,
        known(sheet, book, dances),
        count(lines, Understanding.GUESS),
        count(lines, Understanding.UNREAD));
  }

  private static int count(List<SheetLineView> lines, Understanding understanding) {
    return (int) lines.stream().filter(line -> line.understanding() == understanding).count();
  }

  private SheetLineView line(ReadLine line) {
    return new SheetLineView(
        line.number(),
        line.text(),
        line.blank(),
        line.understanding(),
        line.stepLines(),
        line.doubts().stream().map(speech.sheets()::doubt).toList(),
        line.others().stream().map(it -> new OtherView(it.stepLine(), it.line())).toList());
  }

  private static List<LikeDance> known(
      ReadSheet sheet, FigureBook book, List<CatalogDance> dances) {
    FeetPrint feet = FeetPrint.of(DanceCompiler.compile(sheet.stepText(), book).dance());
    String title = Names.key(sheet.title());
    List<LikeDance> known = new ArrayList<>();
    for (CatalogDance dance : dances) {
      boolean sameTitle = Names.key(dance.row().title()).equals(title);
      boolean sameFeet = dance.feet().isLike(feet);
      if (sameTitle || sameFeet) {
        known.add(
            new LikeDance(
                dance.id(),
                dance.row().title(),
                sameFeet ? Likeness.SAME_FEET : Likeness.SAME_TITLE));
      }
    }
    return known;
  }
}
