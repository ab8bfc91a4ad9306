package ulnaawl.server.classes;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.PlanReason;
import ulnaawl.server.dances.DanceVersion;

/**
 * A line of a running order, as it is stored.
 *
 * @param id {@link #NEW} for a line that has not been stored yet
 * @param dance the dance, and its version when the line was planned
 * @param reasons why it is there
 * @param changedBy who changed it by hand
 * @param changedAt when, in universal time
 */
public record LineRow(
    long id,
    int minutes,
    Kind kind,
    Optional<DanceVersion> dance,
    String title,
    List<PlanReason> reasons,
    Optional<PersonId> changedBy,
    Optional<LocalDateTime> changedAt) {

  /** The number of a line that has none yet. */
  static final long NEW = 0;

  public LineRow {
    reasons = List.copyOf(reasons);
  }

  /** Whether it is about that dance, in whatever version. */
  boolean isOf(Optional<Long> other) {
    return dance.map(DanceVersion::dance).equals(other);
  }
}
