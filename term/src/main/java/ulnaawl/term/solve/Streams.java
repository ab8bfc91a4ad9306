package ulnaawl.term.solve;

import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.uni.UniConstraintStream;
import java.util.function.Function;
import java.util.function.Predicate;
import ulnaawl.term.Appearance;
import ulnaawl.term.Course;

/**
 * What several rules look at. The solver does it once for all of them, as long as they ask with the
 * very same functions.
 */
@SuppressWarnings("UnnecessaryLambda") // The same object each time is what it is about.
final class Streams {

  private static final Function<Slot, Iterable<Appearance>> APPEARANCES =
      slot -> slot.in().appearances();
  private static final Predicate<Appearance> TEACHES = Appearance::isTeach;
  private static final Predicate<Slot> NEW = slot -> slot.getKind() == Course.Kind.NEW;

  private Streams() {}

  /** Every dance in every class. */
  static UniConstraintStream<Appearance> appearances(ConstraintFactory in) {
    return in.forEach(Slot.class).flattenLast(APPEARANCES);
  }

  /** Every teach in every class. */
  static UniConstraintStream<Appearance> teaches(ConstraintFactory in) {
    return appearances(in).filter(TEACHES);
  }

  /** The new dances of all groups. */
  static UniConstraintStream<Slot> news(ConstraintFactory in) {
    return in.forEach(Slot.class).filter(NEW);
  }
}
