package ulnaawl.plan;

import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;

/**
 * Chooses what is taught next: what has been started is finished first; else a dance of the group's
 * level, or one above it, that brings one or two new figures (common practice, no source).
 */
final class NextDance {

  private static final int MOST_LEVELS_ABOVE = 1;
  private static final int GOOD_NEWS = 2;

  private NextDance() {}

  /**
   * A choice.
   *
   * @param why for the running order
   */
  record Choice(DanceForGroup dance, PlanReason why) {}

  /** A choice among the dances that have no place in the class yet. */
  static Optional<Choice> choose(ClassRequest request, Set<Long> used) {
    Optional<Choice> started =
        request.dances().stream()
            .filter(dance -> !used.contains(dance.dance()))
            .filter(dance -> dance.standing().stage() == Stage.STARTED)
            .min(Comparator.comparing(dance -> dance.standing().due().orElse(request.date())))
            .map(NextDance::continued);
    return started.or(() -> fresh(request, used));
  }

  private static Choice continued(DanceForGroup dance) {
    return new Choice(dance, new PlanReason.GoOn(dance.standing().shown(), dance.sections()));
  }

  private static Optional<Choice> fresh(ClassRequest request, Set<Long> used) {
    Level level = request.level();
    return request.dances().stream()
        .filter(dance -> !used.contains(dance.dance()))
        .filter(dance -> dance.standing().stage() == Stage.NOT_STARTED)
        .filter(dance -> dance.level().above(level) <= MOST_LEVELS_ABOVE)
        .min(
            Comparator.<DanceForGroup>comparingInt(dance -> misfit(dance, level))
                .thenComparing(DanceForGroup::title))
        .map(dance ->
            new Choice(dance, new PlanReason.NewDance(dance.level(), level, dance.newFigures())));
  }

  /**
   * 0 for a dance of the group's own level with one or two new figures; more, the less it suits.
   */
  private static int misfit(DanceForGroup dance, Level level) {
    int above = dance.level().above(level);
    int levels = above > 0 ? above * 3 : -above * 2;
    int news = dance.newFigures().size();
    int figures = news == 0 ? 1 : Math.max(0, news - GOOD_NEWS);
    return levels + figures;
  }
}
