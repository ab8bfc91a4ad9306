package ulnaawl.server.sessions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.server.platform.SessionCheck;
import ulnaawl.server.platform.SignedIn;

/** Who people are by now; read from the database again after any of them was changed. */
@Component
class PeopleNow implements SessionCheck {

  private static final int REMEMBERED = 1_000;

  private final PeopleService people;
  private final AtomicLong changes = new AtomicLong();
  private final Cache<Key, Optional<SignedIn>> known =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  PeopleNow(PeopleService people) {
    this.people = people;
  }

  private record Key(long person, long changes) {}

  @Override
  public Optional<SignedIn> now(SignedIn person) {
    return known.get(
        new Key(person.id(), changes.get()),
        key -> people.find(key.person()).map(Person::signedIn));
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMPLETION, fallbackExecution = true)
  void changed(Change change) {
    if (change.thing() == Thing.PERSON) {
      changes.incrementAndGet();
    }
  }
}
