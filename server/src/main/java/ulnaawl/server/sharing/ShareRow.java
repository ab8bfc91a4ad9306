package ulnaawl.server.sharing;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import ulnaawl.people.PersonId;

/**
 * A link that shows something.
 *
 * @param target what it shows
 * @param label what that was called when it was made
 * @param goodUntil in universal time, as the other moments
 * @param lastUsed when somebody last looked, to the hour
 */
record ShareRow(
    long id,
    Target target,
    String label,
    PersonId by,
    LocalDateTime at,
    LocalDateTime goodUntil,
    Optional<LocalDateTime> lastUsed) {

  /**
   * What is shown.
   *
   * @param minutes of a teach
   * @param since what was learned from that day on
   */
  record Target(
      ShareKind kind,
      Optional<Long> dance,
      Optional<Long> group,
      Optional<Long> classId,
      Optional<Integer> minutes,
      Optional<LocalDate> since) {

    /** The same with what its kind shows and nothing besides. */
    Target only() {
      boolean ofDance =
          switch (kind) {
            case SHEET, CALLS, PRACTICE, TEACH -> true;
            case PLAN, LEARNED, POLL -> false;
          };
      boolean ofGroup =
          kind == ShareKind.TEACH || kind == ShareKind.LEARNED || kind == ShareKind.POLL;
      return new Target(
          kind,
          dance.filter(_ -> ofDance),
          group.filter(_ -> ofGroup),
          classId.filter(_ -> kind == ShareKind.PLAN),
          minutes.filter(_ -> kind == ShareKind.TEACH),
          since.filter(_ -> kind == ShareKind.LEARNED));
    }
  }
}
