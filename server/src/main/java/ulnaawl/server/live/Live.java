package ulnaawl.server.live;

import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionListener;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.stream.Stream;
import ulnaawl.server.stream.Streams;

/** The pages that are open, who has them open, and where they are. */
@Service
@RequiredArgsConstructor
class Live implements HttpSessionListener {

  private static final int MOST_OF_ONE = 12;
  private static final int MOST = 1_000;
  private static final Comparator<PersonId> BY_NUMBER = Comparator.comparingLong(PersonId::number);

  private final Streams streams;
  private final Map<String, Page> pages = new ConcurrentHashMap<>();
  private final AtomicLong opened = new AtomicLong();

  /** An open page of somebody. */
  @RequiredArgsConstructor
  private static final class Page {

    private final long number;
    private final SignedIn who;
    private final String session;
    private final Stream stream;
    private volatile Optional<Place> place = Optional.empty();
  }

  /** A page's name, which it says with where it is. */
  record Hello(String page) {}

  /** Something was changed, by whom; {@code version} is 0 where it has none. */
  record Changed(Thing thing, long id, int version, PersonId by) {}

  /** Everybody who is at a place. */
  record There(Place place, List<PersonId> people) {}

  /**
   * A page listens from now on; as long as its session lasts. Where somebody has too many, the one
   * that was opened first is let go: most likely its page is gone, and the network has not said so.
   */
  SseEmitter open(SignedIn me, HttpSession session) {
    if (pages.size() >= MOST) {
      throw Problem.tooMany("Too many pages are open; changes of others come when you load anew.");
    }
    List<Page> own =
        pages.values().stream()
            .filter(it -> it.who.id() == me.id())
            .sorted(Comparator.comparingLong(it -> it.number))
            .toList();
    own.stream().limit(Math.max(0, own.size() - MOST_OF_ONE + 1)).forEach(it -> it.stream.close());
    String name = Secrets.word();
    Stream stream = streams.open(_ -> gone(name));
    pages.put(name, new Page(opened.incrementAndGet(), me, session.getId(), stream));
    stream.tell("hello", new Hello(name));
    return stream.emitter();
  }

  private void gone(String name) {
    Page page = pages.remove(name);
    if (page != null) {
      page.place.ifPresent(this::tellWhoIsThere);
    }
  }

  /**
   * A page is somewhere else.
   *
   * @param place empty for nowhere of interest
   */
  void at(String name, Optional<Place> place, SignedIn me) {
    Page page =
        Optional.ofNullable(pages.get(name))
            .filter(it -> it.who.id() == me.id())
            .orElseThrow(() -> Problem.gone("This page does not listen any more."));
    Set<Place> touched = new HashSet<>();
    page.place.ifPresent(touched::add);
    place.ifPresent(touched::add);
    page.place = place;
    touched.forEach(this::tellWhoIsThere);
  }

  private void tellWhoIsThere(Place place) {
    List<Page> there =
        pages.values().stream().filter(it -> it.place.equals(Optional.of(place))).toList();
    There said =
        new There(
            place, there.stream().map(it -> it.who.person()).distinct().sorted(BY_NUMBER).toList());
    there.forEach(it -> it.stream.tell("there", said));
  }

  /** Only what is on the disk is told. */
  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
  void changed(Change change) {
    Changed said = new Changed(change.thing(), change.id(), change.toVersion(), change.by());
    pages.values().forEach(it -> it.stream.tell("changed", said));
  }

  /** Whoever signs out, or is signed out, hears nothing more. */
  @Override
  public void sessionDestroyed(HttpSessionEvent ended) {
    String session = ended.getSession().getId();
    pages.values().stream()
        .filter(it -> it.session.equals(session))
        .toList()
        .forEach(it -> it.stream.close());
  }
}
