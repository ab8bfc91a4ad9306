package ulnaawl.plan;

import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Subject;

/** What any line of a class is worth by the table of weights, whoever put it there. */
final class Worth {

  private final Frame frame;
  private final Points points;
  private final Map<Long, DanceForGroup> dances;
  private final Map<Long, NextDance.Pick> picks;

  Worth(ClassRequest request, Frame frame) {
    this.frame = frame;
    this.points = new Points(request.date());
    this.dances =
        request.dances().stream()
            .collect(Collectors.toMap(DanceForGroup::dance, Function.identity()));
    this.picks =
        NextDance.ranked(request.level(), request.dances()).stream()
            .collect(Collectors.toMap(it -> it.dance().dance(), Function.identity()));
  }

  Optional<DanceForGroup> dance(long number) {
    return Optional.ofNullable(dances.get(number));
  }

  int warmUp(int minutes) {
    return Math.max(0, frame.warmUp() - minutes) * PlanWeight.SHORT_WARM_UP.points();
  }

  int coolDown(int minutes) {
    return Math.max(0, frame.coolDown() - minutes) * PlanWeight.SHORT_COOL_DOWN.points();
  }

  /** Points of a line by itself; a teach has those of its practice, too. */
  int of(ClassRequest.Lock line) {
    Optional<DanceForGroup> dance = line.dance().flatMap(this::dance);
    return switch (line.kind()) {
      case WARM_UP -> warmUp(line.minutes());
      case COOL_DOWN -> coolDown(line.minutes());
      case BREAK -> 0;
      case TEACH ->
          dance
              .flatMap(it -> Optional.ofNullable(picks.get(it.dance())))
              .map(it -> points.taught(it, line.minutes()))
              .orElse(0);
      case FINISH ->
          dance.filter(Points::endsWell).map(it -> points.finished(it).points()).orElse(0);
      case REMINDER ->
          dance.map(it -> points.isDue(it) ? points.reminded(it).points() : danced(it)).orElse(0);
      case PRACTICE -> dance.map(this::danced).orElseGet(() -> inHand(line));
    };
  }

  private int danced(DanceForGroup dance) {
    return dance.isDanced() ? points.danced(dance).points() : 0;
  }

  private static int inHand(ClassRequest.Lock line) {
    return line.subject().equals(new Subject.Without(Filler.IN_HAND))
        ? line.minutes() * PlanWeight.FREE.points()
        : 0;
  }
}
