package ulnaawl.server.requests;

import java.time.LocalDate;
import ulnaawl.people.PersonId;
import ulnaawl.plan.Wishes;

/**
 * Somebody asked a group's leaders for a dance.
 *
 * @param askedBy as people call them; no person of the club
 * @param people how many
 * @param by who wrote it down
 */
public record RequestRow(
    long id,
    long group,
    long dance,
    String askedBy,
    int people,
    LocalDate askedOn,
    String note,
    PersonId by) {

  /** As a planner hears it. */
  public Wishes.Request wish() {
    return new Wishes.Request(askedBy, people, askedOn);
  }
}
