package ulnaawl.server.classes;

import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Leading;
import ulnaawl.server.platform.Today;

/** Who leads which class, for the check of who may change what. */
@Component
@RequiredArgsConstructor
class ClassLeading implements Leading {

  /** Who led a class may still write its record and mend its teach for so long. */
  private static final int DAYS_AFTER = 28;

  private final ClassStore store;
  private final Today today;

  @Override
  public boolean leadsClass(PersonId person, long id) {
    return store.isLedBy(id, person);
  }

  @Override
  public Set<Long> groupsOf(PersonId person) {
    return store.groupsLedSince(person, today.date().minusDays(DAYS_AFTER));
  }
}
