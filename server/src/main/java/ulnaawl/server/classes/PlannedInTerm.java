package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.Set;

/** What the plan of a term has in a class; terms are planned elsewhere, from classes. */
public interface PlannedInTerm {

  /** Numbers of the dances that a group is to have on a day; none where no term has it. */
  Set<Long> on(long group, LocalDate date);
}
