package ulnaawl.notation.read;

import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Stated;
import ulnaawl.notation.read.Meaning.Joint;
import ulnaawl.text.SourceSpan;

/** Words by which a foot, a shoulder or the middle is where something goes, not what goes there. */
@RequiredArgsConstructor
final class Landmarks {

  private final Clause clause;

  /** "Over left" names the other foot where this one is known; else it is this one. */
  void over(Placement placement, Mark mark) {
    Optional<Meaning> after = clause.cursor.next();
    boolean shoulder =
        after.filter(Meaning.Feet.class::isInstance).isPresent()
            && clause.cursor.afterNext().filter(Joint.SHOULDER::equals).isPresent();
    if (shoulder && clause.draft.size.isEmpty() == clause.draft.figure.isEmpty()) {
      shoulder = clause.draft.figure.isPresent();
    }
    if (shoulder) {
      Mark foot = clause.skip();
      clause.draft.side = Optional.of(((Meaning.Feet) foot.meaning()).feet().getFirst().side());
      clause.draft.turn(clause.span(mark.from(), foot.to()));
      return;
    }
    if (clause.draft.figure.isEmpty()
        && clause.draft.placement.isPresent()
        && clause.draft.feet.isEmpty()) {
      clause.finish();
    }
    if (clause.draft.figure.isEmpty()
        && clause.draft.placement.filter(placement::equals).isPresent()
        && !clause.draft.feet.isEmpty()
        && after.filter(Meaning.Feet.class::isInstance).isEmpty()) {
      clause.draft.covers(mark.from(), mark.to());
      return;
    }
    boolean landmark =
        after.filter(it -> it instanceof Meaning.Feet feet && feet.feet().size() == 1).isPresent()
            && !clause.draft.feet.isEmpty();
    if (placement == Placement.BEHIND
        && clause.draft.placement.filter(Placement.CROSS::equals).isPresent()) {
      clause.draft.placement = Optional.of(Placement.BEHIND);
    }
    boolean drawn = clause.draft.is("drag") || clause.draft.is("slide");
    if (landmark && (clause.draft.placement.isPresent() || drawn)) {
      clause.draft.covers(mark.from(), mark.to());
    } else {
      if (clause.draft.figure.isEmpty() && clause.draft.placement.isPresent()) {
        clause.finish();
      }
      clause.setPlacement(placement, mark);
      clause.draft.byLandmark = landmark || clause.draft.is("lock");
    }
    if (landmark) {
      clause.skip();
      skipPartOfFoot();
    }
  }

  /** "Behind left heel": the heel is where it is, not another step. */
  private void skipPartOfFoot() {
    if (clause
            .cursor
            .next()
            .filter(it -> it instanceof Meaning.Named part && isPart(part))
            .isPresent()
        && clause.cursor.afterNext().filter(it -> it != Joint.STOP).isEmpty()) {
      clause.skip();
    }
  }

  private static boolean isPart(Meaning.Named named) {
    String name = named.figure().name();
    return name.equals("heel") || name.equals("toe") || name.equals("knee");
  }

  void towards(Mark mark) {
    Optional<Meaning> after = clause.cursor.next();
    if (!(after.isPresent() && after.get() instanceof Meaning.Feet feet)) {
      return;
    }
    boolean side =
        clause
            .cursor
            .afterNext()
            .filter(it -> it instanceof Meaning.To to && to.placement() == Placement.SIDE)
            .isPresent();
    Mark foot = clause.skip();
    if (side) {
      clause.skip();
    }
    Foot named = feet.feet().getFirst();
    if (clause.draft.size.isPresent() && clause.draft.side.isEmpty()) {
      clause.draft.side = Optional.of(named.side());
      clause.draft.turn(clause.span(mark.from(), foot.to()));
      return;
    }
    boolean other =
        !clause.draft.feet.isEmpty() && clause.draft.feet.getLast().value() != named && !side;
    SourceSpan span = clause.span(mark.from(), clause.cursor.taken().to());
    if (other) {
      if (clause.draft.placement.isEmpty()
          && !clause.draft.is("drag")
          && !clause.draft.is("slide")) {
        clause.setPlacement(Placement.TOGETHER, foot);
      }
      return;
    }
    boolean takesDirection =
        clause.draft.figure.isEmpty()
            || clause.draft.figure.get().patterns().getFirst().steps().getFirst().fromText();
    if (takesDirection && clause.draft.placement.isEmpty()) {
      clause.draft.placement = Optional.of(Placement.SIDE);
    }
    if (clause.draft.feet.isEmpty()) {
      clause.draft.travel = Optional.of(new Stated<>(named.side(), span));
    } else if (!takesDirection && !side) {
      clause.draft.travel = Optional.of(new Stated<>(named.side(), span));
    }
  }

  void both(Mark mark) {
    boolean ofHeels = clause.cursor.next().filter(it -> it instanceof Meaning.Named).isPresent();
    boolean jumps =
        clause
            .draft
            .figure
            .map(it -> it.patterns().getFirst().steps().getFirst().action().withBoth())
            .orElse(false);
    clause.draft.covers(mark.from(), mark.to());
    if (!ofHeels && !jumps) {
      clause.draft.ends = Optional.of(Weight.BOTH);
    }
  }

  void weight(Mark mark) {
    if (clause.cursor.nextIs(Meaning.Feet.class)) {
      Draft own = clause.last();
      Mark foot = clause.skip();
      own.covers(mark.from(), foot.to());
      own.ends = Optional.of(Weight.on(((Meaning.Feet) foot.meaning()).feet().getFirst()));
    }
  }

  void centre(Mark mark) {
    boolean swivelled =
        !clause.elements.isEmpty()
            && clause.elements.getLast() instanceof Element.Step step
            && step.draft().is("swivel");
    if (clause.draft.is("swivel") && !clause.draft.feet.isEmpty()) {
      clause.finish();
      swivelled = true;
    }
    if (swivelled
        && (clause.draft.figure.isEmpty() || clause.draft.is("heel") || clause.draft.is("toe"))) {
      clause.draft.figure = clause.book.find("swivel");
      clause.draft.name = "swivel";
    }
    clause.draft.covers(mark.from(), mark.to());
    if (clause.draft.is("swivel")) {
      clause.draft.remark("centre");
    } else if (clause.draft.placement.isEmpty()) {
      clause.setPlacement(Placement.TOGETHER, mark);
    }
  }
}
