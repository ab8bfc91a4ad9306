package ulnaawl.sheet;

import java.util.List;

/**
 * What became of a line of a sheet.
 *
 * @param number from 1, in the whole text that was read
 * @param text as it stands in the sheet
 * @param blank whether nothing stands there
 * @param stepLines numbers, from 1, of the lines of the step text that it became
 * @param doubts why it is not surely read; empty where it is
 * @param others what else it could be
 */
public record ReadLine(
    int number,
    String text,
    boolean blank,
    List<Integer> stepLines,
    List<Doubt> doubts,
    List<OtherReading> others) {

  public ReadLine {
    stepLines = List.copyOf(stepLines);
    doubts = List.copyOf(doubts);
    others = List.copyOf(others);
  }

  /** How well a line was read. */
  public enum Understanding {
    SURE,
    GUESS,
    UNREAD
  }

  /**
   * Another reading of a line.
   *
   * @param stepLine number of the line of the step text that it would replace
   * @param line the line in its place
   */
  public record OtherReading(int stepLine, String line) {}

  public Understanding understanding() {
    if (doubts.stream().anyMatch(Doubt::isUnread)) {
      return Understanding.UNREAD;
    }
    return doubts.isEmpty() ? Understanding.SURE : Understanding.GUESS;
  }
}
