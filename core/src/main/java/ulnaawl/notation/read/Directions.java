package ulnaawl.notation.read;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ulnaawl.figure.Figure;
import ulnaawl.figure.Placement;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.text.SourceSpan;

/** What two words for a direction mean together, and directions that a figure does not go in. */
final class Directions {

  private Directions() {}

  /** "Diagonally fwd", "back on the diagonal": two words for one direction. */
  static Optional<Placement> diagonal(Placement one, Placement two) {
    Set<Placement> both = EnumSet.of(one, two);
    if (both.equals(EnumSet.of(Placement.DIAG_FWD, Placement.FWD))) {
      return Optional.of(Placement.DIAG_FWD);
    }
    return both.equals(EnumSet.of(Placement.DIAG_FWD, Placement.BACK))
        ? Optional.of(Placement.DIAG_BACK)
        : Optional.empty();
  }

  /** "Cross rock right over left": the name says it already. */
  private static boolean saysWhere(Figure figure, Placement placement) {
    return Stream.of(figure.name().split(" "))
        .anyMatch(word -> Placement.named(word).filter(placement::equals).isPresent());
  }

  /** A figure that goes its own way is not sent elsewhere; that is said, unless it is the same. */
  static void dropUnused(Draft draft, Line line, Findings findings) {
    if (draft.figure.isEmpty() || draft.placement.isEmpty()) {
      return;
    }
    Figure figure = draft.figure.get();
    Placement placement = draft.placement.get();
    if (draft.byLandmark && saysWhere(figure, placement)) {
      draft.placement = Optional.empty();
      return;
    }
    boolean onTheSpot = placement == Placement.IN_PLACE && figure.isElementary();
    if (figure.understands(placement) || onTheSpot) {
      return;
    }
    boolean landmark = draft.byLandmark && figure.isElementary();
    boolean ownWay =
        figure.patterns().getFirst().steps().stream()
            .anyMatch(step -> step.placement() == placement);
    if (!landmark && !ownWay && !draft.is("recover")) {
      SourceSpan span = draft.placementSpan.orElse(draft.span(line));
      findings.add(
          Diagnostic.of(
              Code.DIRECTION_UNUSED,
              span,
              "A "
                  + figure.name()
                  + " is always danced the same way; this direction changes nothing.",
              new Mend("Remove '" + placement.label() + "'", span, "")));
    }
    draft.placement = Optional.empty();
  }
}
