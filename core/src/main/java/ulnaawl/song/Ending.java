package ulnaawl.song;

import java.util.List;

/**
 * A finish on offer: danced through by the engine, it faces 12 on the last beat.
 *
 * @param name what it is called; of a figure that turns otherwise the figure's name
 * @param wall the wall that it finishes
 * @param after counts of that wall danced before it
 * @param counts counts that it takes
 * @param lines its step lines
 * @param why what speaks for and against it
 * @param cost how far it leads away from what people know; less is better
 * @param stepText the whole dance with it, in canonical form
 */
public record Ending(
    String name,
    int wall,
    int after,
    int counts,
    List<String> lines,
    EndingReason why,
    int cost,
    String stepText) {

  public Ending {
    lines = List.copyOf(lines);
  }
}
