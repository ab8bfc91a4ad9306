package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.Pattern;
import ulnaawl.figure.Placement;
import ulnaawl.figure.WeightEffect;
import ulnaawl.notation.Stated;
import ulnaawl.notation.read.Meaning.Joint;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/**
 * A figure, a colon, and its steps once more: they are kept as a remark, and must be the figure's.
 */
final class SpelledSteps {

  private SpelledSteps() {}

  /** Takes what stands behind the colon into the figure before it. */
  static void into(Draft draft, String text, List<Mark> marks, Line line, Findings findings) {
    for (Mark mark : marks) {
      if (draft.feet.isEmpty() && mark.meaning() instanceof Meaning.Feet feet) {
        draft.feet.add(new Stated<>(feet.feet().getFirst(), line.span(mark.from(), mark.to())));
      }
    }
    Figure figure = draft.figure.orElseThrow();
    repeated(draft, figure, text.split("[,;]", -1).length);
    List<Optional<Placement>> spelled = placements(marks);
    boolean any = spelled.stream().anyMatch(Optional::isPresent);
    if (any && figure.danced(draft.placement).stream().noneMatch(it -> fits(it, spelled))) {
      findings.add(
          Diagnostic.of(
              Code.SPELLED,
              line.span(marks.getFirst().from(), marks.getLast().to()),
              "These are not the steps of a "
                  + figure.name()
                  + ": "
                  + figure.guide().say()
                  + " Write the steps alone where they are meant."));
    }
    draft.remark(text);
  }

  /** "Applejacks: L, centre, R, centre" are two of them. */
  private static void repeated(Draft draft, Figure figure, int parts) {
    Pattern usual = figure.patterns().getFirst();
    boolean still = usual.steps().getFirst().action().effect() == WeightEffect.STILL;
    int places = usual.places();
    if (still && draft.times == 1 && parts > places && parts % places == 0) {
      draft.times = parts / places;
      draft.feet.clear();
    }
  }

  /** Where each spelled step goes, where that is said. */
  private static List<Optional<Placement>> placements(List<Mark> marks) {
    List<Optional<Placement>> all = new ArrayList<>();
    Optional<Placement> step = Optional.empty();
    for (Mark mark : marks) {
      if (mark.meaning() == Joint.STOP) {
        all.add(step);
        step = Optional.empty();
      } else if (mark.meaning() instanceof Meaning.To to) {
        step = Optional.of(to.placement());
      } else if (mark.meaning() instanceof Meaning.Over over) {
        step = Optional.of(over.placement());
      }
    }
    all.add(step);
    return all;
  }

  private static boolean fits(Pattern pattern, List<Optional<Placement>> spelled) {
    if (pattern.places() != spelled.size()) {
      return false;
    }
    for (int i = 0; i < spelled.size(); i++) {
      FigureStep step = pattern.steps().get(i);
      boolean other = spelled.get(i).filter(it -> it != step.placement()).isPresent();
      if (other && !step.fromText() && !isNear(step.placement())) {
        return false;
      }
    }
    return true;
  }

  /** In place and together are said for each other. */
  private static boolean isNear(Placement placement) {
    return placement == Placement.IN_PLACE || placement == Placement.DIAG_FWD;
  }
}
