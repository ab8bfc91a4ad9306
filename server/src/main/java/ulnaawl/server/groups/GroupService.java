package ulnaawl.server.groups;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.HistoryService;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;

/** The club's groups. */
@Service
@RequiredArgsConstructor
public class GroupService {

  private final GroupStore store;
  private final HistoryService history;
  private final GroupHistory texts;
  private final ApplicationEventPublisher events;

  public List<GroupRow> all() {
    return store.all();
  }

  /** Every group that ever was, by its number. */
  public Map<Long, GroupRow> everKnown() {
    return store.allEver().stream().collect(Collectors.toMap(GroupRow::id, Function.identity()));
  }

  /** The group, archived or not, or a problem that says it is gone. */
  public GroupRow get(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This group is not here."));
  }

  /** The group; refused where it is archived. */
  public GroupRow active(long id) {
    GroupRow row = get(id);
    if (row.archived()) {
      throw Problem.gone(row.name() + " has been removed; bring it back first.");
    }
    return row;
  }

  @Transactional
  public GroupRow add(GroupDraft draft, SignedIn me) {
    checkFree(draft, 0);
    long id = store.add(draft);
    publish(id, Action.ADDED, me.person(), 0, draft);
    return get(id);
  }

  @Transactional
  public GroupRow change(long id, int version, GroupDraft draft, SignedIn me) {
    return write(active(id), version, draft, Action.CHANGED, me);
  }

  /** Brings an earlier version back, and the group with it where it is archived. */
  @Transactional
  public GroupRow bringBack(long id, int version, int to, SignedIn me) {
    GroupRow now = get(id);
    GroupDraft draft =
        to == now.version() ? now.draft() : texts.read(history.content(Thing.GROUP, id, to));
    return write(now, version, draft, Action.BROUGHT_BACK, me);
  }

  private GroupRow write(GroupRow now, int version, GroupDraft draft, Action action, SignedIn me) {
    checkFree(draft, now.id());
    if (!store.change(now.id(), version, draft)) {
      throw Problem.changed("Somebody", "this group");
    }
    publish(now.id(), action, me.person(), version, draft);
    return get(now.id());
  }

  private void checkFree(GroupDraft draft, long except) {
    String name = draft.name().strip();
    String look = Names.look(name);
    Optional<GroupRow> other =
        store.all().stream()
            .filter(it -> it.id() != except && Names.look(it.name()).equals(look))
            .findFirst();
    if (other.isPresent()) {
      String theirs = other.get().name();
      boolean same = Names.key(theirs).equals(Names.key(name));
      throw Problem.conflict(
          same
              ? "There is a group called " + theirs + " already."
              : "There is a group called "
                  + theirs
                  + " already, and this name looks just like it; take another one.");
    }
  }

  private void publish(long id, Action action, PersonId by, int from, GroupDraft draft) {
    events.publishEvent(
        Change.next(Thing.GROUP, id, action, by, from, draft.name()).with(texts.write(draft)));
  }

  @Transactional
  public void archive(long id, int version, SignedIn me) {
    GroupRow now = active(id);
    if (!store.archive(id, version)) {
      throw Problem.changed("Somebody", "this group");
    }
    events.publishEvent(Change.archived(Thing.GROUP, id, me.person(), version, now.name()));
  }
}
