package ulnaawl.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import ulnaawl.figure.Level;

/**
 * What the dancers of a group are asked: which of these would they like to dance next? The best
 * dances to learn next, and those that they have learned and not danced for the longest. Rule of
 * thumb, no source.
 *
 * @param next to be learned, the best one first
 * @param again learned, the longest not danced first
 */
public record Poll(List<DanceForGroup> next, List<DanceForGroup> again) {

  /** So many dances are ticked at the most. */
  public static final int MOST_TICKED = 3;

  private static final int OF_EACH = 8;

  public Poll {
    next = List.copyOf(next);
    again = List.copyOf(again);
  }

  /** What a group is asked; the plan of the term follows what they say, not the other way round. */
  public static Poll of(Level group, List<DanceForGroup> dances) {
    List<DanceForGroup> next =
        NextDance.ranked(group, dances.stream().map(DanceForGroup::outsideTerm).toList()).stream()
            .map(NextDance.Pick::dance)
            .filter(it -> !it.isDanced())
            .limit(OF_EACH)
            .toList();
    List<DanceForGroup> again =
        dances.stream()
            .filter(DanceForGroup::isDanced)
            .sorted(
                Comparator.comparing(
                        (DanceForGroup it) -> it.standing().last().orElse(LocalDate.MIN))
                    .thenComparing(DanceForGroup::title))
            .limit(OF_EACH)
            .toList();
    return new Poll(next, again);
  }

  /** All of them. */
  public Stream<DanceForGroup> all() {
    return Stream.concat(next.stream(), again.stream());
  }
}
