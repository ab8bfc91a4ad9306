package ulnaawl.server.sessions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ulnaawl.server.history.Changes;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.server.platform.SessionCheck;
import ulnaawl.server.platform.SignedIn;

/** Who people are by now; read from the database again after any change. */
@Component
class PeopleNow implements SessionCheck {

  private static final int REMEMBERED = 1_000;

  private final PeopleService people;
  private final Changes changes;
  private final Cache<Key, Optional<SignedIn>> known =
      Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  PeopleNow(PeopleService people, Changes changes) {
    this.changes = changes;
    this.people = people;
  }

  private record Key(long person, long changes) {}

  @Override
  public Optional<SignedIn> now(SignedIn person) {
    return known.get(
        new Key(person.id(), changes.soFar()),
        key -> people.find(key.person()).map(Person::signedIn));
  }
}
