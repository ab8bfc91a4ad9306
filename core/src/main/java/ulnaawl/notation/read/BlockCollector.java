package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import ulnaawl.notation.Block;
import ulnaawl.notation.Limits;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.text.SourceSpan;

/** Gathers step lines into the block whose heading stands above them, within the limits. */
@RequiredArgsConstructor
final class BlockCollector {

  private final Findings findings;
  private final List<Block> blocks = new ArrayList<>();
  private final List<StepLine> lines = new ArrayList<>();
  private @Nullable Function<List<StepLine>, Block> open;
  private boolean full;

  /** All blocks that were closed, in order. */
  List<Block> all() {
    return List.copyOf(blocks);
  }

  /** Whether there were more blocks than a dance has. */
  boolean isFull() {
    return full;
  }

  /** Begins a block below its heading; the one before is closed first. */
  void begin(Function<List<StepLine>, Block> finish) {
    close();
    open = finish;
  }

  /** Whether the block takes one more line; where it does not, that is said. */
  boolean hasRoom(Line line) {
    if (open == null || lines.size() < Limits.LINES_IN_BLOCK) {
      return true;
    }
    findings.add(
        Diagnostic.of(
            Code.TOO_MANY_LINES,
            line.span(),
            "A section has up to "
                + Limits.LINES_IN_BLOCK
                + " lines; this one is not read. Begin a new section."));
    return false;
  }

  /** Puts steps into the block that is open; steps above every heading are said to be. */
  void add(StepLine steps, Line line) {
    if (open != null) {
      lines.add(steps);
      return;
    }
    findings.add(
        Diagnostic.of(
            Code.OUTSIDE_SECTION,
            line.span(),
            "Steps stand below a heading such as 'section 1'; this line has none above it.",
            new Mend("Begin section 1 here", SourceSpan.at(line.start()), "section 1\n")));
  }

  void close() {
    if (open == null) {
      return;
    }
    Block block = open.apply(List.copyOf(lines));
    open = null;
    lines.clear();
    if (blocks.size() < Limits.BLOCKS) {
      blocks.add(block);
    } else if (!full) {
      full = true;
      findings.add(
          Diagnostic.of(
              Code.TOO_MANY_BLOCKS,
              block.span(),
              "A dance has up to "
                  + Limits.BLOCKS
                  + " sections, tags and options; what follows here is not read."));
    }
  }
}
