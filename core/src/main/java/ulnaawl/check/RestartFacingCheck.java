package ulnaawl.check;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;

/** A restart faces a wall that the dance starts from without it; otherwise it is likely a slip. */
final class RestartFacingCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    Dance dance = subject.dance();
    List<Diagnostic> found = new ArrayList<>();
    if (dance.isPhrased()) {
      return found;
    }
    Set<Facing> usual = usual(dance);
    for (Wall wall : subject.sequence().walls()) {
      for (WallEvent event : wall.events()) {
        if (event.kind() == WallEvent.Kind.RESTART && !usual.contains(event.to())) {
          found.add(
              Diagnostic.of(
                  Code.RESTART_FACING,
                  event.span(),
                  "The restart on wall "
                      + wall.number()
                      + " faces "
                      + event.to().clock()
                      + ", where this dance never starts; it starts at "
                      + usual.stream().map(Facing::clock).collect(Collectors.joining(", "))
                      + ". Count again, or add a step change that turns."));
          return found;
        }
      }
    }
    return found;
  }

  /** Where walls start when none is cut short and no tag turns. */
  private static Set<Facing> usual(Dance dance) {
    Set<Facing> facings = new LinkedHashSet<>();
    Facing facing = Facing.FRONT;
    while (facings.add(facing)) {
      facing = facing.plus(dance.turn());
    }
    return facings;
  }
}
