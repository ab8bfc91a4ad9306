package ulnaawl.dance.lineage;

import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;

/**
 * What the feet do in a dance, whatever its steps are called: two dances with one print are one
 * dance under two titles.
 *
 * @param steps of all parts, in order
 */
public record FeetPrint(List<Step> steps) {

  public FeetPrint {
    steps = List.copyOf(steps);
  }

  /** One place: when, which foot, where the weight is then, how far it turns. */
  public record Step(Count at, Optional<Foot> foot, Weight after, Turn turn) {}

  public static FeetPrint of(Dance dance) {
    return new FeetPrint(
        dance.parts().stream()
            .flatMap(part -> part.places().stream())
            .map(FeetPrint::step)
            .toList());
  }

  private static Step step(Place place) {
    return new Step(place.at(), place.foot(), place.after(), place.turn());
  }

  /** Whether there are steps at all, and they are the same. */
  public boolean isLike(FeetPrint other) {
    return !steps.isEmpty() && steps.equals(other.steps);
  }
}
