package ulnaawl.server.history;

import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.Problem;

/** What was done to a thing, and what has been removed. */
@RestController
@RequestMapping("/api/history")
@RequiredArgsConstructor
class HistoryController {

  private static final Set<Thing> OWNERS =
      EnumSet.of(Thing.PERSON, Thing.SESSION, Thing.EXPORT, Thing.SHARE);

  private final HistoryService history;

  /** A change; the moment is in universal time. */
  record HistoryEntry(
      long id,
      LocalDateTime at,
      PersonId by,
      Action action,
      int fromVersion,
      int toVersion,
      String subject,
      List<LineDifference> differences) {}

  /** Something that was removed and can be brought back. */
  record ArchivedThing(long id, String subject, PersonId by, LocalDateTime at, int version) {}

  @GetMapping("/{thing}/{id}")
  List<HistoryEntry> of(@PathVariable Thing thing, @PathVariable long id) {
    return history.of(shown(thing), id).stream().map(HistoryController::entry).toList();
  }

  /** What differs between two versions. */
  @GetMapping("/{thing}/{id}/between")
  List<LineDifference> between(
      @PathVariable Thing thing,
      @PathVariable long id,
      @RequestParam int from,
      @RequestParam int to) {
    return history.between(shown(thing), id, from, to).stream().map(LineDifference::of).toList();
  }

  @GetMapping("/{thing}")
  List<ArchivedThing> archived(@PathVariable Thing thing) {
    return history.archived(shown(thing)).stream()
        .map(row ->
            new ArchivedThing(
                row.change().id(),
                row.change().subject(),
                row.change().by(),
                row.at(),
                row.change().toVersion()))
        .toList();
  }

  /** What is the owner's business stands in the log of the club. */
  private static Thing shown(Thing thing) {
    if (OWNERS.contains(thing)) {
      throw Problem.gone("There is no history of that here.");
    }
    return thing;
  }

  private static HistoryEntry entry(HistoryService.Entry entry) {
    Change change = entry.row().change();
    return new HistoryEntry(
        entry.row().id(),
        entry.row().at(),
        change.by(),
        change.action(),
        change.fromVersion(),
        change.toVersion(),
        change.subject(),
        entry.differences().stream().map(LineDifference::of).toList());
  }
}
