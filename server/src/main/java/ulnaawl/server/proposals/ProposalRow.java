package ulnaawl.server.proposals;

import java.time.LocalDateTime;
import java.util.Optional;
import ulnaawl.people.PersonId;
import ulnaawl.server.history.Thing;

/**
 * A proposed change.
 *
 * @param version of the thing that it was made from
 * @param base the thing as it was then
 * @param content as it is to be
 * @param title what it is called
 * @param note why
 * @param answer what was said to it; may be empty
 */
public record ProposalRow(
    long id,
    Thing thing,
    long thingId,
    int version,
    String base,
    String content,
    String title,
    String note,
    PersonId by,
    LocalDateTime at,
    State state,
    String answer,
    Optional<PersonId> decidedBy,
    Optional<LocalDateTime> decidedAt) {

  /** What became of it. */
  public enum State {
    OPEN,
    TAKEN,
    DECLINED,
    WITHDRAWN
  }
}
