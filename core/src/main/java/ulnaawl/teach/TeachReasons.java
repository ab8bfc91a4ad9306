package ulnaawl.teach;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Section;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.school.School;
import ulnaawl.wall.EventId;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;

/** Says why a teach is laid out as it is, and what is left. */
@RequiredArgsConstructor
final class TeachReasons {

  /** Levels above a group that are worth a word. */
  private static final int FAR_ABOVE = 2;

  /** Seconds that are left which another drill would have used. */
  private static final int WORTH_GIVING_BACK = 60;

  private final Lesson lesson;

  List<TeachReason> of(School school, Tonight tonight, int minutes) {
    Layout layout = tonight.stop().layout();
    SectionSet reached = tonight.stop().reached();
    List<TeachReason> reasons = new ArrayList<>();
    reasons.add(new TeachReason.Follows(school));
    if (!tonight.known().isEmpty()) {
      reasons.add(new TeachReason.BeginsWithReminder(tonight.known()));
    }
    int above = Tonight.levelsAbove(lesson);
    if (above >= FAR_ABOVE) {
      reasons.add(new TeachReason.LevelsAbove(above));
    }
    if (tonight.chosen() != tonight.advised()) {
      reasons.add(new TeachReason.ChosenSoFar(reached));
    }
    tooMuch(tonight, above).ifPresent(reasons::add);
    int more = Math.max(0, layout.seconds() - layout.shortestSeconds());
    boolean whole = reached.isWhole(lesson.sections().size());
    reasons.add(new TeachReason.Shortest(whole, layout.shortestSeconds(), more));
    if (!layout.fits()) {
      reasons.add(new TeachReason.DoesNotFit(minutes));
    }
    int left = minutes * 60 - layout.seconds();
    if (left >= WORTH_GIVING_BACK) {
      reasons.add(new TeachReason.GivesBack(left));
    }
    leastDone(layout).ifPresent(reasons::add);
    return reasons;
  }

  /** Where more of the dance would fit than the group should get at once. */
  private Optional<TeachReason> tooMuch(Tonight tonight, int above) {
    Tonight.Stop furthest = tonight.stops().getLast();
    SectionSet advised = tonight.stops().get(tonight.advised()).reached();
    SectionSet later = furthest.reached().without(advised);
    return furthest.layout().fits() && !later.isEmpty()
        ? Optional.of(new TeachReason.TooMuch(above, furthest.leastDone() / 10, advised, later))
        : Optional.empty();
  }

  private Optional<TeachReason> leastDone(Layout layout) {
    return layout.target().stream()
        .flatMap(it -> it instanceof Piece.Steps steps ? Stream.of(steps) : Stream.empty())
        .min(Comparator.comparingInt(piece -> layout.ready(lesson, piece)))
        .map(piece ->
            new TeachReason.LeastPractised(piece.section(), layout.ready(lesson, piece) / 10));
  }

  List<TeachReason> ofOwn(Layout layout, int minutes) {
    List<TeachReason> reasons = new ArrayList<>();
    reasons.add(new TeachReason.OwnOrder());
    int over = layout.seconds() - minutes * 60;
    if (over > 0) {
      reasons.add(new TeachReason.TooLong(over, minutes));
    } else if (-over >= WORTH_GIVING_BACK) {
      reasons.add(new TeachReason.GivesBack(-over));
    }
    if (lesson.learner().brought().wholeTurns() == 0) {
      reasons.addAll(beforeTaught(layout.drills()));
    }
    reasons.addAll(tooFast(layout.drills()));
    return reasons;
  }

  private List<TeachReason> beforeTaught(List<Drill> drills) {
    Set<EventId> taught = new HashSet<>();
    List<TeachReason> found = new ArrayList<>();
    for (Drill drill : drills) {
      if (drill.scope() instanceof Scope.Event it) {
        taught.add(it.event());
      }
      for (Wall wall : walls(drill.scope())) {
        for (WallEvent event : wall.events()) {
          if (taught.add(event.id())) {
            found.add(new TeachReason.DancedBeforeTaught(event.id(), wall.number()));
          }
        }
      }
    }
    return found;
  }

  private List<Wall> walls(Scope scope) {
    return switch (scope) {
      case Scope.Walls it -> lesson.walls().walls().subList(it.from() - 1, it.to());
      case Scope.Song _ -> lesson.song().walls();
      default -> List.of();
    };
  }

  private List<TeachReason> tooFast(List<Drill> drills) {
    List<TeachReason> found = new ArrayList<>();
    int fastest = lesson.learner().brought().percent();
    for (int i = 0; i < drills.size(); i++) {
      Drill drill = drills.get(i);
      if (drill.mode() != Mode.WORDS) {
        if (fastest > 0 && drill.percent() > fastest + TempoLadder.LARGEST_RISE) {
          found.add(new TeachReason.RisesTooFast(i + 1, fastest, drill.percent()));
        }
        fastest = Math.max(fastest, drill.percent());
      }
    }
    return found;
  }

  /** What is left for the next class. */
  Optional<TeachReason> rest(SectionSet reached) {
    SectionSet all = SectionSet.upTo(lesson.sections().size());
    SectionSet left = all.without(reached);
    if (left.isEmpty()) {
      return Optional.empty();
    }
    List<EventId> exceptions =
        lesson.events().stream()
            .flatMap(it -> it instanceof Scope.Event one ? Stream.of(one.event()) : Stream.of())
            .toList();
    boolean inOne = reached.runs().size() == 1;
    Section first = lesson.section(reached.numbers().getFirst());
    Section last = lesson.section(reached.numbers().getLast());
    if (inOne && reached.contains(1)) {
      return Optional.of(new TeachReason.UpTo(last.number(), last.endFacing(), left, exceptions));
    }
    if (inOne && reached.contains(all.size())) {
      return Optional.of(
          new TeachReason.FromOn(first.number(), first.startFacing(), left, exceptions));
    }
    return Optional.of(new TeachReason.Some(reached, left, exceptions));
  }
}
