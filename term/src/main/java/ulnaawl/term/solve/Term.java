package ulnaawl.term.solve;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.score.buildin.hardsoft.HardSoftScore;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.plan.Theme;
import ulnaawl.term.Wish;

/** A term with all that is in it, as the solver sees it. */
@PlanningSolution
public class Term {

  @PlanningEntityCollectionProperty private List<Slot> slots;
  @PlanningEntityCollectionProperty private List<ClassLeader> leadings;
  private List<Wish> wishes;
  private List<Theme> themes;
  private List<Social> socials;
  private List<KnownBefore> known;
  @PlanningScore private @Nullable HardSoftScore score;

  /** For the solver, which copies it. */
  Term() {
    this(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
  }

  Term(
      List<Slot> slots,
      List<ClassLeader> leadings,
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

  public List<ClassLeader> getLeadings() {
    return leadings;
  }

  @ProblemFactCollectionProperty
  public List<Wish> getWishes() {
    return wishes;
  }

  @ProblemFactCollectionProperty
  public List<Theme> getThemes() {
    return themes;
  }

  @ProblemFactCollectionProperty
  public List<Social> getSocials() {
    return socials;
  }

  @ProblemFactCollectionProperty
  public List<KnownBefore> getKnown() {
    return known;
  }

  public @Nullable HardSoftScore getScore() {
    return score;
  }

  public void setScore(@Nullable HardSoftScore score) {
    this.score = score;
  }
}
