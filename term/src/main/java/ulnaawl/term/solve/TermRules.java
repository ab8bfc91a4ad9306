package ulnaawl.term.solve;

import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;

/** All rules of a term. */
public class TermRules implements ConstraintProvider {

  @Override
  public Constraint[] defineConstraints(ConstraintFactory in) {
    return new Constraint[] {
      AlwaysRules.minutes(in),
      AlwaysRules.level(in),
      AlwaysRules.ledTo(in),
      AlwaysRules.notDropped(in),
      AlwaysRules.known(in),
      AlwaysRules.twice(in),
      AlwaysRules.mostNew(in),
      AlwaysRules.canTeach(in),
      AlwaysRules.oneAtATime(in),
      WishRules.newDance(in),
      WishRules.aboveLevel(in),
      WishRules.belowLevel(in),
      WishRules.asked(in),
      WishRules.theme(in),
      WishRules.sharedWithAnother(in),
      WishRules.sharedWithOneThatKnows(in),
      ShapeRules.sameStyle(in),
      ShapeRules.sameSpeed(in),
      ShapeRules.sameWalls(in),
      ShapeRules.tooMuchNews(in),
      ShapeRules.twoTeaches(in),
      ShapeRules.uneven(in),
      ShapeRules.rests(in),
      ShapeRules.late(in),
      LeaderRules.noLeader(in),
      LeaderRules.otherLeader(in),
      LeaderRules.changedLeader(in),
      LeaderRules.changedDance(in)
    };
  }
}
