package ulnaawl.term.solve;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import ulnaawl.term.ClassOn;
import ulnaawl.term.Leader;

/** A class, and who leads it; nobody where nobody can. */
@PlanningEntity
public class ClassLeader {

  /** The name of its options, for the solver. */
  static final String OPTIONS = "leaders";

  private long id;
  private Optional<ClassOn> at;
  private Optional<Leader> before;

  private boolean fixed;

  @PlanningVariable(allowsUnassigned = true, valueRangeProviderRefs = OPTIONS)
  private @Nullable Leader leader;

  /** For the solver, which copies it. */
  ClassLeader() {
    this.id = 0;
    this.at = Optional.empty();
    this.before = Optional.empty();
    this.fixed = false;
  }

  ClassLeader(long id, ClassOn at, boolean fixed, Optional<Leader> before) {
    this.id = id;
    this.at = Optional.of(at);
    this.fixed = fixed;
    this.before = before;
    this.leader = before.or(at::usual).filter(at.leaders()::contains).orElse(null);
  }

  @PlanningId
  public long getId() {
    return id;
  }

  /** Whether it stays as it is. */
  @PlanningPin
  public boolean isFixed() {
    return fixed;
  }

  /** Who could. */
  @ValueRangeProvider(id = OPTIONS)
  public List<Leader> getOptions() {
    return at.map(ClassOn::leaders).orElse(List.of());
  }

  public ClassOn getAt() {
    return at.orElseThrow();
  }

  public @Nullable Leader getLeader() {
    return leader;
  }

  public void setLeader(@Nullable Leader leader) {
    this.leader = leader;
  }

  /** Who leads; only for a class that somebody leads. */
  Leader who() {
    return Objects.requireNonNull(leader, "nobody leads");
  }

  boolean isNobody() {
    return leader == null;
  }

  boolean isUnusual() {
    return leader != null
        && at.flatMap(ClassOn::usual).filter(it -> !it.equals(leader)).isPresent();
  }

  boolean isChanged() {
    return before.isPresent() && !Objects.equals(before.get(), leader);
  }
}
