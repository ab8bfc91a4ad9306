package ulnaawl.dance.edit;

import java.util.List;
import ulnaawl.dance.compile.LineWalk;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.read.LineReadings;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.text.Diagnostic;

/** Walks through figures that were put in a new order, each on the foot that is free. */
final class FollowingFeet {

  private final FigureBook book;
  private Weight weight;
  private RelativeFacing facing;

  FollowingFeet(Weight weight, RelativeFacing facing, FigureBook book) {
    this.weight = weight;
    this.facing = facing;
    this.book = book;
  }

  /** The next figure, on the other foot and to the other side where only that one is free. */
  String next(List<Count> counts, String item) {
    LineReadings readings = LineReadings.of(counts, item, book);
    StepLine typed = readings.lines().getFirst();
    LineWalk walk = LineWalk.of(typed, weight, facing, book);
    if (!readings.isWhole() || isSound(walk)) {
      return take(walk, item);
    }
    List<Item> mirrored = typed.items().stream().map(Item::mirrored).toList();
    StepLine other =
        new StepLine(counts, typed.countsSpan(), mirrored, typed.whole(), typed.span());
    LineWalk otherWalk = LineWalk.of(other, weight, facing, book);
    return isSound(otherWalk)
        ? take(otherWalk, StepTextFormatter.items(mirrored, book))
        : take(walk, item);
  }

  private static boolean isSound(LineWalk walk) {
    return walk.diagnostics().stream().noneMatch(Diagnostic::isError);
  }

  private String take(LineWalk walk, String item) {
    weight = walk.weight();
    facing = walk.facing();
    return item;
  }
}
