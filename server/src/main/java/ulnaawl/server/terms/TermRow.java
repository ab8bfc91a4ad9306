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

  /**
   * A group in a term.
   *
   * @param mostNew so many new dances at the most
   * @param social whether it comes to the social
   */
  record InTerm(long group, int mostNew, boolean social) {}
}
