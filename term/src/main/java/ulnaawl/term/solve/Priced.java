package ulnaawl.term.solve;

import ai.timefold.solver.core.api.score.buildin.hardsoft.HardSoftScore;
import ulnaawl.term.TermRule;

/** The price of a rule as the solver counts. */
final class Priced {

  private Priced() {}

  /** What one break of a rule takes away; more than 0 where the rule takes away. */
  static HardSoftScore cost(TermRule rule) {
    return of(rule, -rule.points());
  }

  /** What a rule adds each time. */
  static HardSoftScore worth(TermRule rule) {
    return of(rule, rule.points());
  }

  private static HardSoftScore of(TermRule rule, int points) {
    return rule.isHard() ? HardSoftScore.ofHard(points) : HardSoftScore.ofSoft(points);
  }

  /** The points of a match, whichever kind its rule is. */
  static long points(HardSoftScore score) {
    return score.hardScore() != 0 ? score.hardScore() : score.softScore();
  }
}
