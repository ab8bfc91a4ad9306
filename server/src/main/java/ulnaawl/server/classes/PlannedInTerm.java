package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.Map;
import ulnaawl.plan.TermPlace;

/** What the plan of a term has in a class; terms are planned elsewhere, from classes. */
public interface PlannedInTerm {

  /**
   * By the numbers of dances, where the term has them, seen from a group's class on a day; a dance
   * that is not there has no place.
   */
  Map<Long, TermPlace> on(long group, LocalDate date);
}
