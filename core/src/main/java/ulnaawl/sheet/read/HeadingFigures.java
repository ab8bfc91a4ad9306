package ulnaawl.sheet.read;

import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Place;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.FigureStep.Mover;
import ulnaawl.figure.Pattern;
import ulnaawl.figure.Rhythm;
import ulnaawl.floor.Foot;
import ulnaawl.notation.Item;

/**
 * Holds a figure that a heading names against the steps below it: somewhere the same feet must move
 * in as many counts. How they are worded may differ, so nothing else is compared.
 */
final class HeadingFigures {

  private HeadingFigures() {}

  /** Whether some places may be a figure; single steps always may. */
  static boolean couldBeIn(List<Place> places, Item named) {
    if (named.figure().isElementary()) {
      return true;
    }
    for (Pattern pattern : named.figure().danced(named.direction())) {
      if (pattern.places() < 3 || isPlain(pattern)) {
        return true;
      }
      for (int at = 0; at + pattern.places() <= places.size(); at++) {
        if (fits(places.subList(at, at + pattern.places()), pattern)) {
          return true;
        }
      }
    }
    return false;
  }

  /** Steps one after the other, as a weave: a sheet may name it for more or fewer of them. */
  private static boolean isPlain(Pattern pattern) {
    return pattern.rhythms().stream().anyMatch(rhythm -> !rhythm.contains("&"))
        && pattern.steps().stream().allMatch(step -> step.action().name().equals("step"));
  }

  private static boolean fits(List<Place> places, Pattern pattern) {
    int length = places.getLast().count().ticks() - places.getFirst().count().ticks();
    return haveFeet(places, pattern)
        && (length < 0
            || pattern.rhythms().stream()
                .map(Rhythm::ticks)
                .anyMatch(ticks -> ticks.getLast() - ticks.getFirst() == length));
  }

  private static boolean haveFeet(List<Place> places, Pattern pattern) {
    Optional<Foot> lead = Optional.empty();
    for (int i = 0; i < places.size(); i++) {
      FigureStep step = pattern.steps().get(i);
      Optional<Foot> foot = places.get(i).foot();
      if (step.mover() == Mover.NONE || foot.isEmpty()) {
        continue;
      }
      Foot asLead = step.mover() == Mover.LEAD ? foot.get() : foot.get().other();
      if (lead.isPresent() && lead.get() != asLead) {
        return false;
      }
      lead = Optional.of(asLead);
    }
    return true;
  }
}
