package ulnaawl.server.sessions;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import ulnaawl.server.access.SessionCheck;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Changes;
import ulnaawl.server.history.UntilChanged;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.server.platform.ClubReplaced;

/** Who people are by now; read from the database again after any change. */
@Component
class KnownPeople implements SessionCheck {

  private static final Logger LOG = LoggerFactory.getLogger(KnownPeople.class);
  private static final int REMEMBERED = 1_000;

  private final PeopleService people;
  private final UntilChanged<Long, Optional<SignedIn>> known;

  KnownPeople(PeopleService people, Changes changes) {
    this.known = new UntilChanged<>(changes, REMEMBERED);
    this.people = people;
  }

  /** When each person was last noted as seen, by their numbers. */
  private final Map<Long, Instant> noted = new ConcurrentHashMap<>();

  @Override
  public Optional<SignedIn> now(SignedIn person) {
    seen(person.id());
    return known.get(person.id(), id -> people.find(id).map(Person::signedIn));
  }

  /** Another club has other people behind the same numbers. */
  @EventListener
  void clubReplaced(ClubReplaced ignored) {
    noted.clear();
  }

  /** Notes that somebody is there, once an hour; where that cannot be written, it is not. */
  void seen(long person) {
    Instant now = Instant.now();
    Instant before = noted.getOrDefault(person, Instant.EPOCH);
    if (before.plus(Duration.ofHours(1)).isBefore(now)) {
      noted.put(person, now);
      try {
        people.seen(person);
      } catch (TransactionException | DataAccessException notNow) {
        LOG.debug("Not noted as seen", notNow);
      }
    }
  }
}
