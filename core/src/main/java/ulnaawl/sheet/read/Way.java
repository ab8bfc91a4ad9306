package ulnaawl.sheet.read;

import java.util.List;
import ulnaawl.notation.StepLine;
import ulnaawl.sheet.Doubt;

/**
 * One way of taking a line of a sheet.
 *
 * @param lines what it becomes, usually one line
 * @param cost how far it is from what the sheet says, 0 for its plain words
 * @param doubts what is in doubt when it is taken
 */
record Way(List<StepLine> lines, int cost, List<Doubt> doubts) {

  Way {
    lines = List.copyOf(lines);
    doubts = List.copyOf(doubts);
  }
}
