package ulnaawl.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.NotedFacing;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/**
 * Facings that the sheet prints behind steps, held against what is danced. Common practice, no
 * source: they are told as if the wall began at 12.
 */
final class NotedFacingCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    List<Diagnostic> found = new ArrayList<>();
    for (Passage part : subject.dance().parts()) {
      List<Place> places = part.places();
      for (int i = 0; i < places.size(); i++) {
        Place place = places.get(i);
        boolean last = i + 1 == places.size() || !places.get(i + 1).span().equals(place.span());
        Optional<RelativeFacing> noted = last ? NotedFacing.of(place) : Optional.empty();
        noted
            .filter(facing -> !facing.equals(place.facing()))
            .ifPresent(facing -> found.add(say(place, facing)));
      }
    }
    return found;
  }

  private static Diagnostic say(Place place, RelativeFacing noted) {
    return Diagnostic.of(
        Code.NOTED_FACING,
        place.span(),
        "The remark says facing "
            + noted.clock()
            + "; after count "
            + place.count().label()
            + " of section "
            + place.section()
            + " this dance faces "
            + place.facing().clock()
            + ", as if the wall began at 12.");
  }
}
