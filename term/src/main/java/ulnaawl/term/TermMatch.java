package ulnaawl.term;

import ai.timefold.solver.core.api.score.stream.ConstraintJustification;
import java.util.List;

/**
 * A rule that is broken, or has its price or its worth, in one place.
 *
 * @param group the group that it is about; the first one where it is about two
 * @param dances the dances, in order; none where it is about a class
 * @param classes the classes, in order
 * @param amount how much: minutes, people who asked, weeks, levels, figures, groups; 1 else
 * @param points what that adds to the plan; for a rule that holds always how badly it is broken
 */
public record TermMatch(
    TermRule rule,
    long group,
    List<TermDance> dances,
    List<ClassOn> classes,
    int amount,
    long points)
    implements ConstraintJustification {

  public TermMatch {
    dances = List.copyOf(dances);
    classes = List.copyOf(classes);
  }

  /** The same, with other points. */
  public TermMatch worth(long others) {
    return new TermMatch(rule, group, dances, classes, amount, others);
  }

  /** Whether it is about a dance of a group, in whatever class. */
  public boolean isOf(long other, long dance) {
    return group == other && dances.stream().anyMatch(it -> it.id() == dance);
  }
}
