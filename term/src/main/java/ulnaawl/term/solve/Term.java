package ulnaawl.term.solve;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.score.HardSoftScore;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.plan.Theme;
import ulnaawl.term.Wish;

/** A term with all that is in it, as the solver sees it. */
@PlanningSolution
public class Term {

  @PlanningEntityCollectionProperty private List<Slot> slots;
  @PlanningEntityCollectionProperty private List<Leading> leadings;
  @ProblemFactCollectionProperty private List<Wish> wishes;
  @ProblemFactCollectionProperty private List<Theme> themes;
  @ProblemFactCollectionProperty private List<Social> socials;
  @ProblemFactCollectionProperty private List<KnownBefore> known;
  @PlanningScore private @Nullable HardSoftScore score;

  /** For the solver, which copies it. */
  Term() {
    this(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
  }

  Term(
      List<Slot> slots,
      List<Leading> leadings,
      List<Wish> wishes,
      List<Theme> themes,
      List<Social> socials,
      List<KnownBefore> known) {
    this.slots = slots;
    this.leadings = leadings;
    this.wishes = wishes;
    this.themes = themes;
    this.socials = socials;
    this.known = known;
  }

  public List<Slot> getSlots() {
    return slots;
  }

  public List<Leading> getLeadings() {
    return leadings;
  }

  public @Nullable HardSoftScore getScore() {
    return score;
  }

  public void setScore(@Nullable HardSoftScore score) {
    this.score = score;
  }
}
