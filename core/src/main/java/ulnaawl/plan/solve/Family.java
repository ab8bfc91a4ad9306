package ulnaawl.plan.solve;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Blocks that lead to the same place: of one role, length, style and speed. They differ in their
 * dance, their points and their effort.
 */
record Family(Block like, List<Block> blocks) {

  Family {
    blocks = List.copyOf(blocks);
  }

  /** All blocks by family, in the order in which they come. */
  static List<Family> of(List<Block> blocks) {
    Map<Block, List<Block>> alike = new LinkedHashMap<>();
    for (Block block : blocks) {
      alike.computeIfAbsent(like(block), _ -> new ArrayList<>()).add(block);
    }
    return alike.entrySet().stream().map(it -> new Family(it.getKey(), it.getValue())).toList();
  }

  private static Block like(Block block) {
    return new Block(
        block.role(),
        Block.NO_DANCE,
        block.minutes(),
        0,
        block.style(),
        block.speed(),
        Block.NO_EFFORT);
  }

  static Family alone(Block block) {
    return new Family(like(block), List.of(block));
  }
}
