package ulnaawl.notation;

import java.util.List;
import ulnaawl.music.Count;
import ulnaawl.text.SourceSpan;

/**
 * A line of steps: places in time and the items that fill them in order.
 *
 * @param counts the places, rising
 * @param countsSpan where the counts stand
 * @param items the figures
 * @param whole whether every item was understood
 * @param span the whole line
 */
public record StepLine(
    List<Count> counts, SourceSpan countsSpan, List<Item> items, boolean whole, SourceSpan span) {

  public StepLine {
    counts = List.copyOf(counts);
    items = List.copyOf(items);
  }
}
