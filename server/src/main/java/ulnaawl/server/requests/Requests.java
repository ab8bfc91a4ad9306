package ulnaawl.server.requests;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.Evidence;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Who asked for which dance; instructors and co-instructors alike. */
@Service
@RequiredArgsConstructor
public class Requests {

  private static final int MOST = 200;

  private final RequestStore store;
  private final GroupService groups;
  private final Standings standings;
  private final DanceService dances;
  private final ApplicationEventPublisher events;
  private final Today today;

  /**
   * A request with what became of it.
   *
   * @param answeredOn the first day after it on which the dance was taught or danced
   */
  public record Asked(RequestRow row, Optional<LocalDate> answeredOn) {
    public boolean isOpen() {
      return answeredOn.isEmpty();
    }
  }

  /** All requests of a group, the oldest first; the record says which are answered. */
  public List<Asked> of(long group) {
    Map<Long, List<Evidence>> record =
        standings.of(group, today.date()).stream()
            .collect(Collectors.toMap(it -> it.row().id(), GroupDance::evidence));
    return store.of(group).stream()
        .map(
            row -> new Asked(row, row.wish().answered(record.getOrDefault(row.dance(), List.of()))))
        .toList();
  }

  @Transactional
  void ask(long group, long dance, String askedBy, String note, SignedIn me) {
    ask(group, dance, askedBy, today.date(), note, me);
  }

  /** So many people asked for it at once. */
  @Transactional
  public void askedByMany(long group, long dance, String askedBy, int people, SignedIn me) {
    add(group, dance, askedBy, people, today.date(), "", me);
  }

  /** The same on an earlier day. */
  @Transactional
  public void ask(long group, long dance, String askedBy, LocalDate on, String note, SignedIn me) {
    add(group, dance, askedBy, 1, on, note, me);
  }

  private void add(
      long group, long dance, String askedBy, int people, LocalDate on, String note, SignedIn me) {
    GroupRow to = groups.active(group);
    DanceRow row = dances.get(dance);
    if (store.of(group).size() >= MOST) {
      throw Problem.rejected(
          "A list has up to " + MOST + " requests; drop some that are answered.");
    }
    long id = store.add(group, dance, askedBy.strip(), people, on, note.strip(), me.person());
    publish(id, Action.ADDED, to, row, me.person());
  }

  @Transactional
  void drop(long group, long id, SignedIn me) {
    GroupRow to = groups.get(group);
    RequestRow row =
        store.of(group).stream()
            .filter(it -> it.id() == id)
            .findFirst()
            .orElseThrow(() -> Problem.gone("This request is not on the list any more."));
    if (!store.drop(group, id, me.person(), today.moment())) {
      throw Problem.gone("This request is not on the list any more.");
    }
    publish(id, Action.ARCHIVED, to, dances.get(row.dance()), me.person());
  }

  private void publish(long id, Action action, GroupRow group, DanceRow dance, PersonId by) {
    events.publishEvent(
        Change.of(Thing.REQUEST, id, action, by, group.name() + ": " + dance.title()));
  }
}
