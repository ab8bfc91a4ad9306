package ulnaawl.term.solve;

import static ai.timefold.solver.core.api.score.stream.Joiners.equal;
import static ai.timefold.solver.core.api.score.stream.Joiners.filtering;
import static ai.timefold.solver.core.api.score.stream.Joiners.greaterThan;
import static ai.timefold.solver.core.api.score.stream.Joiners.lessThan;

import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintCollectors;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import java.util.List;
import ulnaawl.plan.NextDance;
import ulnaawl.term.Appearance;
import ulnaawl.term.Course;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermRule;

/** The rules that no plan breaks. Common practice, no source. */
final class AlwaysRules {

  private AlwaysRules() {}

  /** All that stands in a class fits into it. */
  static Constraint minutes(ConstraintFactory in) {
    return Streams.appearances(in)
        .groupBy(Appearance::at, ConstraintCollectors.sum(Appearance::minutes))
        .filter((at, minutes) -> minutes > at.danceMinutes())
        .penalize(Priced.cost(TermRule.MINUTES), (at, minutes) -> minutes - at.danceMinutes())
        .justifyWith((at, minutes, score) ->
            new TermMatch(
                TermRule.MINUTES,
                at.group(),
                List.of(),
                List.of(at),
                minutes - at.danceMinutes(),
                Priced.points(score)))
        .asConstraint(TermRule.MINUTES.inFile());
  }

  /** Nothing is taught that is two levels above the group. */
  static Constraint level(ConstraintFactory in) {
    return Streams.news(in)
        .filter(slot -> slot.above() >= NextDance.TOO_FAR_ABOVE)
        .penalize(Priced.cost(TermRule.LEVEL), slot -> slot.above() - NextDance.TOO_FAR_ABOVE + 1)
        .justifyWith((slot, score) -> slot.match(TermRule.LEVEL, slot.above(), score))
        .asConstraint(TermRule.LEVEL.inFile());
  }

  /** A figure that is needed by a new dance, and that nothing before it has. */
  record Need(Slot slot, String figure) {
    long group() {
      return slot.getGroup();
    }

    int start() {
      return slot.startIn();
    }
  }

  /** What leads to a figure comes before the figure. */
  static Constraint ledTo(ConstraintFactory in) {
    return Streams.news(in)
        .flattenLast(
            slot -> slot.in().needs().stream().map(figure -> new Need(slot, figure)).toList())
        .ifNotExists(
            Streams.news(in),
            equal(Need::group, Slot::getGroup),
            greaterThan(Need::start, Slot::startIn),
            filtering((need, other) -> other.in().has(need.figure())))
        .penalize(Priced.cost(TermRule.LED_TO))
        .justifyWith((need, score) -> need.slot().match(TermRule.LED_TO, 1, score))
        .asConstraint(TermRule.LED_TO.inFile());
  }

  /** What was begun is gone on with, until it is known. */
  static Constraint notDropped(ConstraintFactory in) {
    return in.forEachIncludingUnassigned(Slot.class)
        .filter(slot ->
            slot.getKind() == Course.Kind.GO_ON && slot.isEmpty() && !slot.getOptions().isEmpty())
        .penalize(Priced.cost(TermRule.NOT_DROPPED))
        .justifyWith((slot, score) ->
            new TermMatch(
                TermRule.NOT_DROPPED,
                slot.getGroup(),
                slot.onlyDance().stream().toList(),
                List.of(),
                1,
                Priced.points(score)))
        .asConstraint(TermRule.NOT_DROPPED.inFile());
  }

  /** Nothing is begun that the term is too short for, or gone on with too late. */
  static Constraint known(ConstraintFactory in) {
    return in.forEach(Slot.class)
        .filter(slot -> slot.in().known().isEmpty() && slot.couldBeKnown())
        .penalize(Priced.cost(TermRule.NOT_DROPPED))
        .justifyWith((slot, score) -> slot.match(TermRule.NOT_DROPPED, 1, score))
        .asConstraint(TermRule.NOT_DROPPED.inFile() + " (known in the term)");
  }

  /** A dance stands once in the plan of a group. */
  static Constraint twice(ConstraintFactory in) {
    return in.forEachUniquePair(Slot.class, equal(Slot::getGroup), equal(Slot::danceIn))
        .penalize(Priced.cost(TermRule.TWICE))
        .justifyWith((one, other, score) -> one.match(TermRule.TWICE, 1, score))
        .asConstraint(TermRule.TWICE.inFile());
  }

  /** No more new dances than a group takes. */
  static Constraint mostNew(ConstraintFactory in) {
    return in.forEach(Slot.class)
        .filter(Slot::isSurplus)
        .penalize(Priced.cost(TermRule.MOST_NEW))
        .justifyWith((slot, score) -> slot.match(TermRule.MOST_NEW, 1, score))
        .asConstraint(TermRule.MOST_NEW.inFile());
  }

  /** Who leads can teach what is taught. */
  static Constraint canTeach(ConstraintFactory in) {
    return Streams.teaches(in)
        .join(
            in.forEachIncludingUnassigned(ClassLeader.class),
            equal(Appearance::at, ClassLeader::getAt))
        .filter((one, led) -> led.isNobody() || !led.who().canTeach(one.dance().id()))
        .penalize(Priced.cost(TermRule.CAN_TEACH))
        .justifyWith((one, led, score) ->
            new TermMatch(
                TermRule.CAN_TEACH,
                one.at().group(),
                List.of(one.dance()),
                List.of(one.at()),
                1,
                Priced.points(score)))
        .asConstraint(TermRule.CAN_TEACH.inFile());
  }

  /** Nobody leads two classes at a time. */
  static Constraint oneAtATime(ConstraintFactory in) {
    return in.forEach(ClassLeader.class)
        .join(
            ClassLeader.class,
            equal(ClassLeader::who),
            equal(led -> led.getAt().date()),
            lessThan(ClassLeader::getId))
        .filter((one, other) -> one.getAt().overlaps(other.getAt()))
        .penalize(Priced.cost(TermRule.ONE_AT_A_TIME))
        .justifyWith((one, other, score) ->
            new TermMatch(
                TermRule.ONE_AT_A_TIME,
                one.getAt().group(),
                List.of(),
                List.of(one.getAt(), other.getAt()),
                1,
                Priced.points(score)))
        .asConstraint(TermRule.ONE_AT_A_TIME.inFile());
  }
}
