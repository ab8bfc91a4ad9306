package ulnaawl.term;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import ulnaawl.figure.FigureBook;
import ulnaawl.plan.Theme;

/**
 * What is to be planned.
 *
 * @param groups with their classes
 * @param dances all dances of the club that can be danced, each once
 * @param book the figures
 * @param begun what groups have met before
 * @param wishes what groups ask for, each dance of a group once
 * @param themes weeks with a theme
 * @param social when all groups dance together, where they do
 * @param before the plan until now, which is changed as little as can be; empty for a new one
 */
public record TermProblem(
    List<TermGroup> groups,
    List<TermDance> dances,
    FigureBook book,
    List<Begun> begun,
    List<Wish> wishes,
    List<Theme> themes,
    Optional<LocalDate> social,
    Optional<TermPlan> before) {

  public TermProblem {
    groups = List.copyOf(groups);
    dances = List.copyOf(dances);
    begun = List.copyOf(begun);
    wishes = List.copyOf(wishes);
    themes = List.copyOf(themes);
  }

  /** The dances by their numbers. */
  public Map<Long, TermDance> danceByNumber() {
    return dances.stream().collect(Collectors.toMap(TermDance::id, Function.identity()));
  }

  /** The same with a plan that is to be changed as little as can be. */
  public TermProblem with(TermPlan plan) {
    return new TermProblem(groups, dances, book, begun, wishes, themes, social, Optional.of(plan));
  }
}
