package ulnaawl.server.history;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;

/** All that was done in the club, for its owner: changes, links, people, ways in, copies. */
@RestController
@RequestMapping("/api/log")
@RequiredArgsConstructor
class ClubLogController {

  private static final int MOST = 100;

  private final HistoryService history;
  private final PeopleNames names;

  /** Something that was done; the moment is in universal time. */
  record LogLine(
      long id,
      LocalDateTime at,
      PersonId by,
      Thing thing,
      long thingId,
      Action action,
      String subject) {}

  /** What was done, the newest first; {@code more} where there is more before. */
  record LogPage(List<LogLine> lines, boolean more) {}

  /**
   * A page of the log.
   *
   * @param before only what was written before that entry
   * @param thing only what was done to such things
   * @param by only what somebody did
   */
  @GetMapping
  LogPage log(
      @RequestParam @Nullable Long before,
      @RequestParam @Nullable Thing thing,
      @RequestParam @Nullable Long by) {
    List<LogRow> rows =
        history.newest(
            Optional.ofNullable(before),
            Optional.ofNullable(thing),
            Optional.ofNullable(by).filter(it -> it > 0).map(PersonId::new),
            MOST + 1);
    return new LogPage(rows.stream().limit(MOST).map(this::line).toList(), rows.size() > MOST);
  }

  private LogLine line(LogRow row) {
    Change change = row.change();
    return new LogLine(
        row.id(),
        row.at(),
        change.by(),
        change.thing(),
        change.id(),
        change.action(),
        subject(change));
  }

  /** Somebody of whom something is said has the name that they have now. */
  private String subject(Change change) {
    return change.thing() == Thing.PERSON && change.subject().isEmpty()
        ? names.of(new PersonId(change.id()))
        : change.subject();
  }
}
