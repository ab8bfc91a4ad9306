package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ulnaawl.people.PersonId;

/**
 * A class on a day, as it is stored.
 *
 * @param recorded whether what happened has been written down
 * @param note for colleagues; may be empty
 * @param recordedBy who wrote it down
 * @param ledBy who leads, where somebody was named
 * @param logKey the word with which a device sent its log
 * @param lines the running order
 */
public record ClassRow(
    long id,
    long group,
    LocalDate date,
    int minutes,
    boolean recorded,
    String note,
    int version,
    Optional<PersonId> recordedBy,
    Optional<PersonId> ledBy,
    Optional<String> logKey,
    List<LineRow> lines) {

  public ClassRow {
    lines = List.copyOf(lines);
  }

  /** Whether its day has come, so that it can be written down. */
  boolean hasBegun(LocalDate today) {
    return !date.isAfter(today);
  }

  public Order order() {
    return new Order(minutes, lines);
  }

  /**
   * A running order by itself.
   *
   * @param minutes of the class, which its lines need not fill
   */
  public record Order(int minutes, List<LineRow> lines) {
    public Order {
      lines = List.copyOf(lines);
    }
  }
}
