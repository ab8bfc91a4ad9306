package ulnaawl.server.feeds;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PersonForgotten;
import ulnaawl.server.platform.HourlyNote;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Secret addresses of calendars: made, seen, read, taken back, by whoever they belong to. */
@Service
@RequiredArgsConstructor
class CalendarLinks {

  private static final int MOST_OF_ONE = 20;

  private final CalendarLinkStore store;
  private final GroupService groups;
  private final ApplicationEventPublisher events;
  private final HourlyNote hourly;
  private final Today today;

  List<CalendarLink> of(SignedIn me) {
    return store.of(me.id());
  }

  /** The word of a new address; it is said once, and no copy of it is kept. */
  @Transactional
  public String make(CalendarKind kind, Optional<Long> group, SignedIn me) {
    if (store.of(me.id()).size() >= MOST_OF_ONE) {
      throw Problem.rejected("Up to " + MOST_OF_ONE + " calendars are open; take some back.");
    }
    Optional<Long> shown = group.filter(_ -> kind == CalendarKind.GROUP);
    if (kind == CalendarKind.GROUP) {
      groups.active(shown.orElseThrow(() -> Problem.rejected("Say of which group.")));
    }
    String word = Secrets.word();
    long id =
        store.add(
            Secrets.digest(word),
            new CalendarLink(0, kind, me.id(), shown, today.moment(), Optional.empty()));
    publish(id, Action.ADDED, me);
    return word;
  }

  @Transactional
  public void takeBack(long id, SignedIn me) {
    if (!store.delete(id, me.id())) {
      throw Problem.gone("This calendar is not open any more.");
    }
    publish(id, Action.ARCHIVED, me);
  }

  /** The link with that word; that it was read is noted, once an hour. */
  CalendarLink use(String word) {
    CalendarLink link =
        store
            .find(Secrets.digest(word))
            .orElseThrow(() -> Problem.gone("This calendar is not open any more."));
    LocalDateTime now = today.moment();
    hourly.note(link.lastUsed(), now, () -> store.used(link.id(), now));
    return link;
  }

  @EventListener
  void forget(PersonForgotten forgotten) {
    store.forget(forgotten.person());
  }

  private void publish(long id, Action action, SignedIn me) {
    events.publishEvent(Change.of(Thing.SHARE, id, action, me.person(), "a calendar"));
  }
}
