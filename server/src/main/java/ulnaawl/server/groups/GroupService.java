package ulnaawl.server.groups;

import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.Evidence;
import ulnaawl.server.platform.Change;
import ulnaawl.server.platform.InstructorOnly;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;

/** The club's groups, and what happened with each. */
@Service
public class GroupService {

  private final GroupStore store;
  private final EvidenceStore evidence;
  private final ApplicationEventPublisher events;
  private final Today today;

  GroupService(
      GroupStore store, EvidenceStore evidence, ApplicationEventPublisher events, Today today) {
    this.store = store;
    this.evidence = evidence;
    this.events = events;
    this.today = today;
  }

  public List<GroupRow> all() {
    return store.all();
  }

  /** The group, or a problem that says it is gone. */
  public GroupRow get(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This group is not here."));
  }

  public List<EvidenceRow> evidence() {
    return evidence.all();
  }

  public List<EvidenceRow> evidenceOf(long group) {
    return evidence.of(group);
  }

  @InstructorOnly
  @Transactional
  GroupRow add(GroupDraft draft, SignedIn me) {
    return addFor(draft, me.name());
  }

  /** Adds a group without a role check, for the demo club. */
  @Transactional
  public GroupRow addFor(GroupDraft draft, String by) {
    long id = store.add(draft);
    events.publishEvent(new Change(by, "added the group", draft.name()));
    return get(id);
  }

  @InstructorOnly
  @Transactional
  GroupRow change(long id, int version, GroupDraft draft, SignedIn me) {
    get(id);
    if (!store.change(id, version, draft)) {
      throw Problem.conflict("Somebody has changed this group in the meantime; look at it again.");
    }
    events.publishEvent(new Change(me.name(), "changed the group", draft.name()));
    return get(id);
  }

  /** Writes down what happened; instructors and co-instructors alike. */
  @Transactional
  public void record(
      long group, long dance, Optional<Long> meeting, Evidence happened, String note) {
    GroupRow row = get(group);
    if (happened.date().isAfter(today.date())) {
      throw Problem.rejected("The record holds what has happened; this day is still to come.");
    }
    evidence.add(group, dance, meeting, happened, note, today.moment());
    events.publishEvent(
        new Change(
            happened.by(), "wrote in the record: " + happened.happened().label(), row.name()));
  }

  /** Takes back everything that was written for a class. */
  @Transactional
  public void forget(long meeting) {
    evidence.removeOf(meeting);
  }

  @Transactional
  void removeEvidence(long group, long id, SignedIn me) {
    GroupRow row = get(group);
    if (!evidence.remove(group, id)) {
      throw Problem.gone("This entry is not in the record any more.");
    }
    events.publishEvent(new Change(me.name(), "took back an entry of the record", row.name()));
  }
}
