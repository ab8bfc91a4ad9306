package ulnaawl.server.rulings;

import java.time.LocalDate;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.Ruling;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** What people say of a dance and a group against the record; instructors and co-instructors. */
@Service
@RequiredArgsConstructor
public class Rulings {

  private final RulingStore store;
  private final GroupService groups;
  private final DanceService dances;
  private final ApplicationEventPublisher events;
  private final Today today;

  /** The rulings that hold, by group and dance. */
  public Map<Long, Map<Long, Ruling>> holding() {
    return store.all();
  }

  /** Says where a group stands, in place of the record and of what somebody said before. */
  @Transactional
  void rule(long group, long dance, Stage stage, String note, SignedIn me) {
    rule(group, dance, stage, note, today.date(), me);
  }

  /** The same since an earlier day. */
  @Transactional
  public void rule(long group, long dance, Stage stage, String note, LocalDate since, SignedIn me) {
    GroupRow to = groups.active(group);
    DanceRow row = dances.get(dance);
    if (stage == Stage.NOT_STARTED) {
      throw Problem.rejected(
          "What was written down cannot be said away; take the entries of the record back.");
    }
    long id = store.add(group, dance, stage, note.strip(), me.person(), since, today.moment());
    publish(id, Action.ADDED, to, row, me.person());
  }

  /** The record holds again. */
  @Transactional
  void takeBack(long group, long dance, SignedIn me) {
    GroupRow to = groups.get(group);
    DanceRow row = dances.get(dance);
    if (!store.takeBack(group, dance, me.person(), today.moment())) {
      throw Problem.gone("Nobody says otherwise of " + row.title() + " any more.");
    }
    publish(0, Action.TAKEN_BACK, to, row, me.person());
  }

  private void publish(long id, Action action, GroupRow group, DanceRow dance, PersonId by) {
    events.publishEvent(
        Change.of(Thing.RULING, id, action, by, group.name() + ": " + dance.title()));
  }
}
