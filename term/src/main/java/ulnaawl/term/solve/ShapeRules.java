package ulnaawl.term.solve;

import static ai.timefold.solver.core.api.score.stream.Joiners.equal;
import static ai.timefold.solver.core.api.score.stream.Joiners.filtering;
import static ai.timefold.solver.core.api.score.stream.Joiners.greaterThan;
import static ai.timefold.solver.core.api.score.stream.Joiners.lessThan;

import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintCollectors;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.bi.BiConstraintStream;
import java.util.List;
import ulnaawl.term.Appearance;
import ulnaawl.term.Course;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermRule;

/**
 * How a term is shaped: variety, few new figures at a time, an even load, dances that come back.
 */
final class ShapeRules {

  private static final int FEW_NEWS = 2;
  private static final int A_HUNDRED = 100;

  private ShapeRules() {}

  private static BiConstraintStream<Slot, Slot> newPairs(ConstraintFactory in) {
    return Streams.news(in).join(Streams.news(in), equal(Slot::getGroup), lessThan(Slot::getId));
  }

  private static Constraint alike(BiConstraintStream<Slot, Slot> pairs, TermRule rule) {
    return pairs
        .penalize(Priced.cost(rule))
        .justifyWith((one, other, score) ->
            new TermMatch(
                rule,
                one.getGroup(),
                List.of(one.in().dance(), other.in().dance()),
                List.of(one.in().first(), other.in().first()),
                1,
                Priced.points(score)))
        .asConstraint(rule.inFile());
  }

  static Constraint sameStyle(ConstraintFactory in) {
    return alike(
        newPairs(in)
            .filter((one, other) ->
                one.in().dance().facts().style().isPresent()
                    && one.in().dance().facts().style().equals(other.in().dance().facts().style())),
        TermRule.SAME_STYLE);
  }

  static Constraint sameSpeed(ConstraintFactory in) {
    return alike(
        newPairs(in)
            .filter((one, other) ->
                one.in().dance().facts().speed() == other.in().dance().facts().speed()),
        TermRule.SAME_SPEED);
  }

  static Constraint sameWalls(ConstraintFactory in) {
    return alike(
        newPairs(in).filter((one, other) -> one.in().dance().walls() == other.in().dance().walls()),
        TermRule.SAME_WALLS);
  }

  /** A figure that a dance brings first. */
  record News(Slot slot, String figure) {
    long group() {
      return slot.getGroup();
    }

    int start() {
      return slot.startIn();
    }
  }

  /** One or two new figures in a dance; what an earlier dance brought is not new any more. */
  static Constraint tooMuchNews(ConstraintFactory in) {
    return Streams.news(in)
        .flattenLast(
            slot -> slot.in().news().stream().map(figure -> new News(slot, figure)).toList())
        .ifNotExists(
            Streams.news(in),
            equal(News::group, Slot::getGroup),
            greaterThan(News::start, Slot::startIn),
            filtering((news, other) -> other.in().has(news.figure())))
        .groupBy(News::slot, ConstraintCollectors.count())
        .filter((slot, count) -> count > FEW_NEWS)
        .penalize(Priced.cost(TermRule.TOO_MUCH_NEWS), (slot, count) -> count - FEW_NEWS)
        .justifyWith(
            (slot, count, score) -> slot.match(TermRule.TOO_MUCH_NEWS, count.intValue(), score))
        .asConstraint(TermRule.TOO_MUCH_NEWS.inFile());
  }

  /** One teach in a class. */
  static Constraint twoTeaches(ConstraintFactory in) {
    return Streams.teaches(in)
        .groupBy(Appearance::at, ConstraintCollectors.count())
        .filter((at, count) -> count > 1)
        .penalize(Priced.cost(TermRule.TWO_TEACHES), (at, count) -> count - 1)
        .justifyWith((at, count, score) ->
            new TermMatch(
                TermRule.TWO_TEACHES,
                at.group(),
                List.of(),
                List.of(at),
                count.intValue(),
                Priced.points(score)))
        .asConstraint(TermRule.TWO_TEACHES.inFile());
  }

  /** Teaching is spread over the weeks: heaps cost more than they hold. */
  static Constraint uneven(ConstraintFactory in) {
    return Streams.teaches(in)
        .groupBy(Appearance::at, ConstraintCollectors.sum(Appearance::minutes))
        .penalize(Priced.cost(TermRule.UNEVEN), (at, minutes) -> minutes * minutes / A_HUNDRED)
        .justifyWith((at, minutes, score) ->
            new TermMatch(
                TermRule.UNEVEN,
                at.group(),
                List.of(),
                List.of(at),
                minutes.intValue(),
                Priced.points(score)))
        .asConstraint(TermRule.UNEVEN.inFile());
  }

  /** A dance that is due comes back. */
  static Constraint rests(ConstraintFactory in) {
    return in.forEachIncludingUnassigned(Slot.class)
        .filter(slot -> slot.getKind() == Course.Kind.RETURN && slot.isEmpty())
        .penalize(Priced.cost(TermRule.RESTS))
        .justifyWith((slot, score) ->
            new TermMatch(
                TermRule.RESTS,
                slot.getGroup(),
                slot.onlyDance().stream().toList(),
                List.of(),
                1,
                Priced.points(score)))
        .asConstraint(TermRule.RESTS.inFile());
  }

  /** A dance comes back, or is gone on with, when it is due and not weeks later. */
  static Constraint late(ConstraintFactory in) {
    return in.forEach(Slot.class)
        .filter(slot -> slot.in().late() > 0)
        .penalize(Priced.cost(TermRule.LATE), slot -> slot.in().late())
        .justifyWith((slot, score) -> slot.match(TermRule.LATE, slot.in().late(), score))
        .asConstraint(TermRule.LATE.inFile());
  }
}
