package ulnaawl.server.calendar;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Days on which there is no class. */
@Service
@RequiredArgsConstructor
public class ClosedDays {

  private static final int MOST = 200;
  private static final int LONGEST = 120;

  private final ClosedDaysStore store;
  private final ApplicationEventPublisher events;
  private final Today today;

  /** All of them, the first ones first. */
  public Closings now() {
    return new Closings(store.all());
  }

  /** Adds closed days; their number. */
  @Transactional
  public long close(Optional<Long> group, LocalDate from, LocalDate to, String note, SignedIn me) {
    ClosedRow row = new ClosedRow(0, group, from, to, note.strip(), me.person());
    check(from, to);
    if (store.all().size() >= MOST) {
      throw Problem.rejected(
          "Up to " + MOST + " closed times are kept; remove some that are over.");
    }
    try {
      long id = store.add(row);
      publish(id, Action.ADDED, row.by(), row);
      return id;
    } catch (DataIntegrityViolationException noGroup) {
      throw Problem.gone("This group is not here.");
    }
  }

  private static void check(LocalDate from, LocalDate to) {
    if (to.isBefore(from) || ChronoUnit.DAYS.between(from, to) >= LONGEST) {
      throw Problem.rejected(
          "Closed days go from one day to a later one, " + LONGEST + " days at most.");
    }
  }

  @Transactional
  void open(long id, SignedIn me) {
    ClosedRow row =
        store.all().stream()
            .filter(it -> it.id() == id)
            .findFirst()
            .orElseThrow(() -> Problem.gone("These closed days are not here any more."));
    if (!store.remove(id, me.person(), today.moment())) {
      throw Problem.gone("These closed days are not here any more.");
    }
    publish(id, Action.ARCHIVED, me.person(), row);
  }

  private void publish(long id, Action action, PersonId by, ClosedRow row) {
    String what = "closed from " + row.from() + " to " + row.to();
    events.publishEvent(Change.of(Thing.CALENDAR, id, action, by, what));
  }
}
