package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.compile.LineWalk;
import ulnaawl.sheet.layout.DraftLine;

/**
 * A way through the lines so far.
 *
 * @param before the way up to the line before; empty at the start
 * @param step what the last line became; empty at the start
 * @param start the footing that it began with
 * @param now the footing after it
 * @param cost of all its lines together
 */
record Path(Optional<Path> before, Optional<Step> step, Footing start, Footing now, int cost) {

  /**
   * A line and how it was taken.
   *
   * @param block number of its block, from 0
   * @param way empty where it could not be read
   * @param walks how each of its lines is danced
   */
  record Step(int block, DraftLine draft, Optional<Way> way, Footing from, List<LineWalk> walks) {
    Step {
      walks = List.copyOf(walks);
    }
  }

  static Path from(Footing start, int cost) {
    return new Path(Optional.empty(), Optional.empty(), start, start, cost);
  }

  Path plus(Step step, Footing after, int dearer) {
    return new Path(Optional.of(this), Optional.of(step), start, after, cost + dearer);
  }

  /** The same, facing the front: a part of the dance begins. */
  Path at(Footing footing) {
    return new Path(before, step, start, footing, cost);
  }

  /** Its lines, in order. */
  List<Step> steps() {
    List<Step> steps = new ArrayList<>();
    Optional<Path> path = Optional.of(this);
    while (path.isPresent()) {
      path.get().step().ifPresent(steps::addFirst);
      path = path.get().before();
    }
    return steps;
  }
}
