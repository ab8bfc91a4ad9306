package ulnaawl.server.sheets;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import ulnaawl.sheet.ReadLine.Understanding;

/** What goes over the wire of sheets. */
final class SheetShapes {

  private SheetShapes() {}

  /** Characters that are read at once. */
  static final int MOST_TEXT = 400_000;

  /** A text with one sheet or several. */
  record PastedText(@NotNull @Size(max = MOST_TEXT) String text) {}

  /** The text of a file. */
  record FileText(String text) {}

  /** Another reading of a line: it takes the place of a line of the step text, from 1. */
  record OtherView(int stepLine, String line) {}

  /**
   * A line of a sheet.
   *
   * @param number from 1, in the whole text
   * @param stepLines the lines of the step text that it became, from 1
   * @param remarks why it is not surely read
   */
  record SheetLineView(
      int number,
      String text,
      boolean blank,
      Understanding understanding,
      List<Integer> stepLines,
      List<String> remarks,
      List<OtherView> others) {}

  /** Why a dance of the club may be this one. */
  enum Likeness {
    SAME_TITLE,
    SAME_FEET
  }

  /** A dance of the club that may be this one. */
  record LikeDance(long dance, String title, Likeness likeness) {}

  /** A sheet as it was read. */
  record SheetView(
      String title,
      String stepText,
      List<SheetLineView> lines,
      List<LikeDance> known,
      int guessed,
      int unread) {}

  /** All sheets of a text. */
  record SheetsView(List<SheetView> sheets) {}
}
