package ulnaawl.server.terms;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ulnaawl.term.TermPlan;

/**
 * A term as it is stored.
 *
 * @param to the last day
 * @param social when all dance together, where they do
 * @param groups the groups in it
 * @param plan what is settled
 */
record TermRow(
    long id,
    String name,
    LocalDate from,
    LocalDate to,
    Optional<LocalDate> social,
    int version,
    List<InTerm> groups,
    TermPlan plan) {

  TermRow {
    groups = List.copyOf(groups);
  }

  /** The same with another plan, from a version that somebody has seen. */
  TermRow with(int seen, TermPlan other) {
    return new TermRow(id, name, from, to, social, seen, groups, other);
  }

  /** The same term with one of its groups only. */
  TermRow only(long group) {
    return new TermRow(
        id,
        name,
        from,
        to,
        social,
        version,
        groups.stream().filter(it -> it.group() == group).toList(),
        plan);
  }

  /** Whether a group has classes in it, on a day that it reaches. */
  boolean has(long group, LocalDate date) {
    return !date.isBefore(from)
        && !date.isAfter(to)
        && groups.stream().anyMatch(it -> it.group() == group);
  }

  /**
   * A group in a term.
   *
   * @param mostNew so many new dances at the most
   * @param social whether it comes to the social
   */
  record InTerm(long group, int mostNew, boolean social) {}
}
