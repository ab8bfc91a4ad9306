package ulnaawl.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import ulnaawl.floor.Weight;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceSpan;
import ulnaawl.wall.EventId;
import ulnaawl.wall.Stretch;
import ulnaawl.wall.Wall;

/** Across every join that the phrasing makes, the foot that moves next is free. */
final class JoinWeightCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    List<Diagnostic> found = new ArrayList<>();
    Set<SourceSpan> said = new HashSet<>();
    if (subject.sequence().walls().isEmpty()) {
      return found;
    }
    Stretch before = subject.sequence().walls().getFirst().stretches().getFirst();
    boolean first = true;
    for (Wall wall : subject.sequence().walls()) {
      for (Stretch stretch : wall.stretches()) {
        boolean plain = before.cause().equals(stretch.cause());
        if (!first && !plain && !before.endWeight().joins(stretch.startWeight())) {
          SourceSpan span = later(before.cause(), stretch.cause());
          if (said.add(span)) {
            found.add(say(before, stretch, span));
          }
        }
        first = false;
        before = stretch;
      }
    }
    return found;
  }

  /** The phrasing stands below the steps, so the later of two causes made the join. */
  private static SourceSpan later(SourceSpan a, SourceSpan b) {
    return a.start() > b.start() ? a : b;
  }

  private static Diagnostic say(Stretch before, Stretch after, SourceSpan span) {
    String free = before.endWeight() == Weight.LEFT ? "right" : "left";
    String wanted = after.startWeight() == Weight.LEFT ? "right" : "left";
    return Diagnostic.of(
        Code.JOIN_WEIGHT,
        span,
        "After "
            + (before.from() + before.counts())
            + " counts of "
            + name(before)
            + " the "
            + free
            + " foot is free, but "
            + (isGoingOn(before, after) ? "it goes on" : name(after) + " begins")
            + " with the "
            + wanted
            + " foot. Change the last step before the join, for example a touch in place of a step.");
  }

  private static boolean isGoingOn(Stretch before, Stretch after) {
    return before.event().isEmpty() && after.event().isEmpty() && before.wall() == after.wall();
  }

  private static String name(Stretch stretch) {
    return stretch
        .event()
        .map(id ->
            switch (id) {
              case EventId.Restart _ -> "wall " + stretch.wall();
              case EventId.Tag it -> "the tag " + it.name();
              case EventId.Bridge it -> "the bridge " + it.name();
              case EventId.Repeat it -> it.sections() + " again";
              case EventId.Ending it -> "the ending " + it.name();
            })
        .orElse("wall " + stretch.wall());
  }
}
