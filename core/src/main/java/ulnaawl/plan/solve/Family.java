package ulnaawl.plan.solve;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Blocks that lead to the same place: of one role, length, style and speed. They differ in their
 * dance, their points and their effort.
 */
record Family(ClassBlock like, List<ClassBlock> blocks) {

  Family {
    blocks = List.copyOf(blocks);
  }

  /** All blocks by family, in the order in which they come. */
  static List<Family> of(List<ClassBlock> blocks) {
    Map<ClassBlock, List<ClassBlock>> alike = new LinkedHashMap<>();
    for (ClassBlock block : blocks) {
      alike.computeIfAbsent(like(block), _ -> new ArrayList<>()).add(block);
    }
    return alike.entrySet().stream().map(it -> new Family(it.getKey(), it.getValue())).toList();
  }

  private static ClassBlock like(ClassBlock block) {
    return new ClassBlock(
        block.role(),
        ClassBlock.NO_DANCE,
        block.minutes(),
        0,
        block.style(),
        block.speed(),
        ClassBlock.NO_EFFORT);
  }

  static Family alone(ClassBlock block) {
    return new Family(like(block), List.of(block));
  }
}
