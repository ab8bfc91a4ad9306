package ulnaawl.check;

import java.util.List;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.floor.Weight;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceSpan;

/** The last step leaves the weight where the first step needs it, or the dance cannot repeat. */
final class EndWeightCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    Dance dance = subject.dance();
    Passage main = dance.main();
    if (dance.isPhrased() || main.counts() == 0) {
      return List.of();
    }
    Weight end = main.endWeight();
    if (end == dance.startWeight() || end == Weight.BOTH || dance.startWeight() == Weight.BOTH) {
      return List.of();
    }
    List<Place> places = main.places();
    SourceSpan span = places.isEmpty() ? main.span() : places.getLast().span();
    return List.of(
        Diagnostic.of(
            Code.END_WEIGHT,
            span,
            "The dance ends with the weight on "
                + end.label()
                + ", but it starts with the weight on "
                + dance.startWeight().label()
                + ": it cannot be danced again. End on the other foot, with a touch in place of the "
                + "last step, or a step in place of the last touch."));
  }
}
