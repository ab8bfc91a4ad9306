package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Optional;
import ulnaawl.notation.Block.ExtraKind;

/**
 * A headed run of steps of a sheet.
 *
 * @param extra what it is, where it is no section
 * @param part part of a phrased dance; empty where there are none
 * @param name of a tag, bridge or ending; may be empty
 * @param title of a section; may be empty
 * @param heading number of the line of its heading, where it has one
 * @param start counts of the wall before it, where the sheet counts on through its sections; else 0
 * @param fromTitle whether the sheet has its steps in the heading alone
 * @param options other ways of dancing some of its counts
 */
public record DraftBlock(
    Optional<ExtraKind> extra,
    String part,
    String name,
    String title,
    Optional<Integer> heading,
    int start,
    boolean fromTitle,
    List<DraftLine> lines,
    List<DraftOption> options) {

  public DraftBlock {
    lines = List.copyOf(lines);
    options = List.copyOf(options);
  }

  public boolean isSection() {
    return extra.isEmpty();
  }
}
