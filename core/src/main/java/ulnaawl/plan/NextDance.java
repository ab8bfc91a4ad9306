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
   * @param why in words, for the running order
   */
  record Choice(Repertoire dance, String why) {}

  /** A choice among the dances that have no place in the class yet. */
  static Optional<Choice> choose(ClassRequest request, Set<Long> used) {
    Optional<Choice> started =
        request.repertoire().stream()
            .filter(dance -> !used.contains(dance.dance()))
            .filter(dance -> dance.standing().stage() == Stage.STARTED)
            .min(Comparator.comparing(dance -> dance.standing().due().orElse(request.date())))
            .map(NextDance::continued);
    return started.or(() -> fresh(request, used));
  }

  private static Choice continued(Repertoire dance) {
    int shown = dance.standing().sections();
    return new Choice(
        dance,
        "Started: sections 1 to "
            + shown
            + " of "
            + dance.sections()
            + " have been shown; go on from section "
            + (shown + 1)
            + ".");
  }

  private static Optional<Choice> fresh(ClassRequest request, Set<Long> used) {
    Level level = request.level();
    return request.repertoire().stream()
        .filter(dance -> !used.contains(dance.dance()))
        .filter(dance -> dance.standing().stage() == Stage.NOT_STARTED)
        .filter(dance -> dance.level().above(level) <= MOST_LEVELS_ABOVE)
        .min(
            Comparator.<Repertoire>comparingInt(dance -> misfit(dance, level))
                .thenComparing(Repertoire::title))
        .map(dance -> new Choice(dance, why(dance, level)));
  }

  /**
   * 0 for a dance of the group's own level with one or two new figures; more, the less it suits.
   */
  private static int misfit(Repertoire dance, Level level) {
    int above = dance.level().above(level);
    int levels = above > 0 ? above * 3 : -above * 2;
    int news = dance.newFigures().size();
    int figures = news == 0 ? 1 : Math.max(0, news - GOOD_NEWS);
    return levels + figures;
  }

  private static String why(Repertoire dance, Level level) {
    int above = dance.level().above(level);
    String fit =
        above == 0
            ? "It measures " + dance.level().label() + ", the group's own level"
            : "It measures "
                + dance.level().label()
                + (above > 0 ? ", one above the group's " : ", below the group's ")
                + level.label();
    int news = dance.newFigures().size();
    String figures =
        switch (news) {
          case 0 -> "all its figures are known";
          case 1, 2 ->
              "new: " + String.join(" and ", dance.newFigures().stream().sorted().toList());
          default -> news + " figures are new";
        };
    return fit + "; " + figures + ".";
  }
}
