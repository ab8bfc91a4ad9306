package ulnaawl.learning;

import java.time.LocalDate;
import ulnaawl.people.PersonId;

/** What a person says of a dance and a group against what the record says. */
public sealed interface Ruling {

  PersonId by();

  LocalDate on();

  /** Why; may be empty. */
  String note();

  /** The group stands elsewhere than the record says. */
  record StandsAt(Stage stage, PersonId by, LocalDate on, String note) implements Ruling {
    public StandsAt {
      if (stage == Stage.NOT_STARTED || stage == Stage.RETIRED) {
        throw new IllegalArgumentException("Nobody says that a dance is " + stage);
      }
    }
  }

  /** The dance is stale for this group: it is not planned any more, until it is brought back. */
  record Retires(PersonId by, LocalDate on, String note) implements Ruling {}
}
