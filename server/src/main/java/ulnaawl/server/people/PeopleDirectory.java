package ulnaawl.server.people;

import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;
import ulnaawl.server.history.Changes;
import ulnaawl.server.history.UntilChanged;

/** What everybody is called who is or was of the club; read again after any change. */
@Component
class PeopleDirectory implements PeopleNames {

  private enum Question {
    ALL
  }

  private final PeopleStore store;
  private final UntilChanged<Question, Map<PersonId, String>> known;

  PeopleDirectory(PeopleStore store, Changes changes) {
    this.store = store;
    this.known = new UntilChanged<>(changes, 1);
  }

  @Override
  public String of(PersonId person) {
    // Whoever was added just now is known once that is on the disk; until then it is looked up.
    return Optional.ofNullable(known.get(Question.ALL, _ -> store.allNames()).get(person))
        .or(() -> store.name(person))
        .orElse(FORMER);
  }
}
