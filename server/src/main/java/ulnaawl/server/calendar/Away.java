package ulnaawl.server.calendar;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PersonForgotten;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Who cannot lead when; everybody says it of themselves. */
@Service
@RequiredArgsConstructor
public class Away {

  private static final int MOST_OF_ONE = 40;
  private static final int LONGEST = 400;

  private final AwayStore store;
  private final ApplicationEventPublisher events;
  private final Today today;

  /** All that is not over, the first ones first. */
  public List<AwayRow> coming() {
    return store.from(today.date());
  }

  /** Says that one cannot lead. */
  @Transactional
  public void add(LocalDate from, LocalDate to, String note, SignedIn me) {
    if (to.isBefore(from) || ChronoUnit.DAYS.between(from, to) >= LONGEST) {
      throw Problem.rejected(
          "One is away from one day to a later one, " + LONGEST + " days at most.");
    }
    if (to.isBefore(today.date())) {
      throw Problem.rejected("These days are over.");
    }
    if (coming().stream().filter(it -> it.person() == me.id()).count() >= MOST_OF_ONE) {
      throw Problem.rejected("Up to " + MOST_OF_ONE + " times away are kept; remove some.");
    }
    long id = store.add(new AwayRow(0, me.id(), from, to, note.strip()));
    publish(id, Action.ADDED, me, "away from " + from + " to " + to);
  }

  @Transactional
  void remove(long id, SignedIn me) {
    if (!store.delete(id, me.id())) {
      throw Problem.gone("These days are not in the list any more.");
    }
    publish(id, Action.ARCHIVED, me, "away");
  }

  @EventListener
  void forget(PersonForgotten forgotten) {
    store.forget(forgotten.person());
  }

  private void publish(long id, Action action, SignedIn me, String what) {
    events.publishEvent(Change.of(Thing.CALENDAR, id, action, me.person(), what));
  }
}
