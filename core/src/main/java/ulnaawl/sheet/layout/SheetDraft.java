package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Map;

/**
 * A sheet with every line in its place.
 *
 * @param lines all its lines, in order
 * @param facts what its head says
 * @param blocks sections, tags, bridges and endings, in order
 * @param said what it says of walls, by the number of the line that says it
 * @param roles what each line is for, by its number
 */
public record SheetDraft(
    List<SheetLine> lines,
    SheetFacts facts,
    List<DraftBlock> blocks,
    List<SaidAt> said,
    Map<Integer, LineRole> roles) {

  public SheetDraft {
    lines = List.copyOf(lines);
    blocks = List.copyOf(blocks);
    said = List.copyOf(said);
    roles = Map.copyOf(roles);
  }

  /**
   * Something said.
   *
   * @param line the line that says it
   * @param more whether the sentence says more than that, which was not understood
   */
  public record SaidAt(int line, Said said, boolean more) {}
}
