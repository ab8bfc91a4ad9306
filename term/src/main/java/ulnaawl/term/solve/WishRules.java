package ulnaawl.term.solve;

import static ai.timefold.solver.core.api.score.stream.Joiners.equal;
import static ai.timefold.solver.core.api.score.stream.Joiners.filtering;
import static ai.timefold.solver.core.api.score.stream.Joiners.lessThan;

import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.uni.UniConstraintStream;
import java.util.List;
import ulnaawl.plan.Theme;
import ulnaawl.plan.Wishes;
import ulnaawl.term.Appearance;
import ulnaawl.term.Course;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermRule;
import ulnaawl.term.Wish;

/** What a plan is good for: new dances, wishes, themes, dances that groups share. */
final class WishRules {

  private WishRules() {}

  /** A group gets a new dance, and knows it before the term ends. */
  static Constraint newDance(ConstraintFactory in) {
    return Streams.news(in)
        .filter(slot -> slot.in().known().isPresent())
        .reward(Priced.worth(TermRule.NEW_DANCE))
        .justifyWith((slot, score) -> slot.match(TermRule.NEW_DANCE, 1, score))
        .asConstraint(TermRule.NEW_DANCE.inFile());
  }

  static Constraint aboveLevel(ConstraintFactory in) {
    return Streams.news(in)
        .filter(slot -> slot.above() > 0)
        .penalize(Priced.cost(TermRule.ABOVE_LEVEL), Slot::above)
        .justifyWith((slot, score) -> slot.match(TermRule.ABOVE_LEVEL, slot.above(), score))
        .asConstraint(TermRule.ABOVE_LEVEL.inFile());
  }

  static Constraint belowLevel(ConstraintFactory in) {
    return Streams.news(in)
        .filter(slot -> slot.above() < 0)
        .penalize(Priced.cost(TermRule.BELOW_LEVEL), slot -> -slot.above())
        .justifyWith((slot, score) -> slot.match(TermRule.BELOW_LEVEL, -slot.above(), score))
        .asConstraint(TermRule.BELOW_LEVEL.inFile());
  }

  /** People of the group asked for a dance, and it is on. */
  static Constraint asked(ConstraintFactory in) {
    return in.forEach(Slot.class)
        .join(Wish.class, equal(Slot::getGroup, Wish::group), equal(Slot::danceIn, Wish::dance))
        .reward(
            Priced.worth(TermRule.ASKED), (slot, wish) -> Math.min(Wishes.MOST_HEARD, wish.times()))
        .justifyWith((slot, wish, score) -> slot.match(TermRule.ASKED, wish.times(), score))
        .asConstraint(TermRule.ASKED.inFile());
  }

  /** Taught in the weeks of its theme; once, however many classes that takes. */
  static Constraint theme(ConstraintFactory in) {
    return in.forEach(Slot.class)
        .filter(slot -> slot.in().appearances().stream().anyMatch(Appearance::isTeach))
        .ifExists(Theme.class, filtering(WishRules::isOfTheme))
        .reward(Priced.worth(TermRule.THEME))
        .justifyWith((slot, score) -> slot.match(TermRule.THEME, 1, score))
        .asConstraint(TermRule.THEME.inFile());
  }

  private static boolean isOfTheme(Slot slot, Theme theme) {
    return theme.fits(slot.in().dance().facts(), slot.in().dance().tags())
        && slot.in().appearances().stream()
            .anyMatch(it -> it.isTeach() && theme.isOn(it.at().date()));
  }

  /** A dance that a group knows by the social, and who comes there with it. */
  record AtSocial(Slot slot, long group, long dance) {}

  private static UniConstraintStream<AtSocial> atSocial(ConstraintFactory in) {
    return in.forEach(Slot.class)
        .join(Social.class, equal(Slot::getGroup, Social::group))
        .filter((slot, social) ->
            slot.getKind() != Course.Kind.RETURN && slot.in().isKnownOn(social.on()))
        .map((slot, social) -> new AtSocial(slot, slot.getGroup(), slot.danceIn()));
  }

  /** Two groups learn the same dance before the social. */
  static Constraint sharedWithAnother(ConstraintFactory in) {
    return atSocial(in)
        .join(atSocial(in), equal(AtSocial::dance), lessThan(AtSocial::group))
        .reward(Priced.worth(TermRule.SHARED))
        .justifyWith((one, other, score) ->
            new TermMatch(
                TermRule.SHARED,
                one.group(),
                List.of(one.slot().in().dance()),
                List.of(one.slot().in().first(), other.slot().in().first()),
                1,
                Priced.points(score)))
        .asConstraint(TermRule.SHARED.inFile());
  }

  /** A group learns before the social what another one knows already. */
  static Constraint sharedWithOneThatKnows(ConstraintFactory in) {
    return atSocial(in)
        .join(KnownBefore.class, equal(AtSocial::dance, KnownBefore::dance))
        .filter((one, known) -> one.group() != known.group())
        .reward(Priced.worth(TermRule.SHARED))
        .justifyWith((one, known, score) -> one.slot().match(TermRule.SHARED, 1, score))
        .asConstraint(TermRule.SHARED.inFile() + " (known before)");
  }
}
