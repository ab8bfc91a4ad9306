package ulnaawl.server.groups;

import java.time.LocalDate;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.Stage;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** What people say of a dance and a group against the record; instructors and co-instructors. */
@Service
public class Rulings {

  private final RulingStore store;
  private final GroupService groups;
  private final DanceService dances;
  private final ApplicationEventPublisher events;
  private final Today today;

  Rulings(
      RulingStore store,
      GroupService groups,
      DanceService dances,
      ApplicationEventPublisher events,
      Today today) {
    this.store = store;
    this.groups = groups;
    this.dances = dances;
    this.events = events;
    this.today = today;
  }

  /** Says where a group stands, in place of the record and of what somebody said before. */
  @Transactional
  void rule(long group, long dance, Stage stage, String note, SignedIn me) {
    ruleFor(group, dance, stage, note, me.name(), today.date());
  }

  /** The same on an earlier day, for the demo club. */
  @Transactional
  public void ruleFor(long group, long dance, Stage stage, String note, String by, LocalDate on) {
    GroupRow to = groups.active(group);
    DanceRow row = dances.get(dance);
    if (stage == Stage.NOT_STARTED) {
      throw Problem.rejected(
          "What was written down cannot be said away; take the entries of the record back.");
    }
    long id = store.add(group, dance, stage, note.strip(), by, on, today.moment());
    say(id, Action.ADDED, to, row, by);
  }

  /** The record holds again. */
  @Transactional
  void takeBack(long group, long dance, SignedIn me) {
    GroupRow to = groups.get(group);
    DanceRow row = dances.get(dance);
    if (!store.takeBack(group, dance, me.name(), today.moment())) {
      throw Problem.gone("Nobody says otherwise of " + row.title() + " any more.");
    }
    say(0, Action.TAKEN_BACK, to, row, me.name());
  }

  private void say(long id, Action action, GroupRow group, DanceRow dance, String by) {
    events.publishEvent(
        Change.of(Thing.RULING, id, action, by, group.name() + ": " + dance.title()));
  }
}
