package ulnaawl.term.solve;

import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import java.util.List;
import java.util.function.Predicate;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermRule;

/** Who leads, and what stays as it was. */
final class LeaderRules {

  private LeaderRules() {}

  private static Constraint of(
      ConstraintFactory in, Predicate<ClassLeader> when, TermRule rule, String name) {
    return in.forEachIncludingUnassigned(ClassLeader.class)
        .filter(when)
        .penalize(Priced.cost(rule))
        .justifyWith((led, score) ->
            new TermMatch(
                rule,
                led.getAt().group(),
                List.of(),
                List.of(led.getAt()),
                1,
                Priced.points(score)))
        .asConstraint(name);
  }

  static Constraint noLeader(ConstraintFactory in) {
    return of(in, ClassLeader::isNobody, TermRule.NO_LEADER, TermRule.NO_LEADER.inFile());
  }

  static Constraint otherLeader(ConstraintFactory in) {
    return of(in, ClassLeader::isUnusual, TermRule.OTHER_LEADER, TermRule.OTHER_LEADER.inFile());
  }

  /** Somebody else leads than in the plan until now. */
  static Constraint changedLeader(ConstraintFactory in) {
    return of(
        in, ClassLeader::isChanged, TermRule.CHANGED, TermRule.CHANGED.inFile() + " (who leads)");
  }

  /** A dance starts otherwise than in the plan until now, or not at all. */
  static Constraint changedDance(ConstraintFactory in) {
    return in.forEachIncludingUnassigned(Slot.class)
        .filter(slot -> slot.changes() > 0)
        .penalize(Priced.cost(TermRule.CHANGED), Slot::changes)
        .justifyWith((slot, score) ->
            new TermMatch(
                TermRule.CHANGED,
                slot.getGroup(),
                slot.before().map(it -> it.dance()).stream().toList(),
                slot.before().map(it -> it.first()).stream().toList(),
                slot.changes(),
                Priced.points(score)))
        .asConstraint(TermRule.CHANGED.inFile());
  }
}
