package ulnaawl.server.handover;

import java.time.LocalDateTime;
import java.util.Optional;
import ulnaawl.people.PersonId;

/**
 * What one leader tells or asks another about a group.
 *
 * @param at in universal time
 * @param asked whom it asks; empty for a note to everybody
 */
public record NoteRow(
    long id,
    long group,
    String text,
    PersonId by,
    LocalDateTime at,
    Optional<PersonId> asked,
    Optional<Answer> answer) {

  /** What was answered, by whom, when in universal time. */
  public record Answer(String text, PersonId by, LocalDateTime at) {}

  /** Whether it waits for an answer. */
  public boolean isOpen() {
    return asked.isPresent() && answer.isEmpty();
  }
}
