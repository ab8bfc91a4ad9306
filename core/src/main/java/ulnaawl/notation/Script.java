package ulnaawl.notation;

import java.util.List;
import ulnaawl.text.SourceSpan;

/**
 * What a step text says, before anyone asks whether it can be danced.
 *
 * @param comments remarks, in the order of the text
 * @param titleSpan where the title stands; the start of the text where it is missing
 */
public record Script(
    Headers headers,
    List<Block> blocks,
    List<Phrase> phrasing,
    List<Comment> comments,
    SourceSpan titleSpan) {

  public Script {
    blocks = List.copyOf(blocks);
    phrasing = List.copyOf(phrasing);
    comments = List.copyOf(comments);
  }
}
