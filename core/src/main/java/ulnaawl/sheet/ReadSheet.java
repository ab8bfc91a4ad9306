package ulnaawl.sheet;

import java.util.List;

/**
 * A sheet as it was read.
 *
 * @param title of the dance
 * @param stepText the dance as step text; what was not read stands in it as a remark
 * @param lines every line of the sheet, in order
 */
public record ReadSheet(String title, String stepText, List<ReadLine> lines) {

  public ReadSheet {
    lines = List.copyOf(lines);
  }

  /** The lines that are not surely read. */
  public List<ReadLine> doubtful() {
    return lines.stream().filter(line -> !line.doubts().isEmpty()).toList();
  }

  /** Whether something of it was not read. */
  public boolean hasUnread() {
    return lines.stream().anyMatch(line -> line.understanding() == ReadLine.Understanding.UNREAD);
  }
}
