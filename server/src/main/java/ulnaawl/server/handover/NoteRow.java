package ulnaawl.server.handover;

import java.time.LocalDateTime;
import java.util.Optional;

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
    String by,
    LocalDateTime at,
    Optional<String> asked,
    Optional<Answer> answer) {

  /** What was answered, by whom, when in universal time. */
  public record Answer(String text, String by, LocalDateTime at) {}

  /** Whether it waits for an answer. */
  public boolean isOpen() {
    return asked.isPresent() && answer.isEmpty();
  }
}
