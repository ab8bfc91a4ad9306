package ulnaawl.server.tokens;

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
import ulnaawl.server.access.TokenCheck;
import ulnaawl.server.access.TokenScope;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.AccessEnded;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.server.platform.HourlyNote;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Tokens: made, seen, used, taken back, by whoever they belong to. */
@Service
@RequiredArgsConstructor
class Tokens implements TokenCheck {

  private static final int MOST_OF_ONE = 20;

  private final TokenStore store;
  private final PeopleService people;
  private final ApplicationEventPublisher events;
  private final HourlyNote hourly;
  private final Today today;

  List<Token> of(SignedIn me) {
    return store.of(me.id());
  }

  /** The word of a new token; it is said once, and no copy of it is kept. */
  @Transactional
  public String make(String label, TokenScope scope, int days, SignedIn me) {
    if (store.of(me.id()).size() >= MOST_OF_ONE) {
      throw Problem.rejected("Up to " + MOST_OF_ONE + " tokens are there; take some back.");
    }
    String word = Secrets.word();
    LocalDateTime now = today.moment();
    long id =
        store.add(
            Secrets.digest(word),
            new Token(0, me.id(), label.strip(), scope, now, now.plusDays(days), Optional.empty()));
    publish(id, Action.ADDED, me, label.strip());
    return word;
  }

  @Transactional
  public void takeBack(long id, SignedIn me) {
    String label =
        store
            .delete(id, me.id())
            .orElseThrow(() -> Problem.gone("This token is not there any more."));
    publish(id, Action.ARCHIVED, me, label);
  }

  @Override
  public Optional<Holder> of(String word) {
    LocalDateTime now = today.moment();
    Optional<Token> token = store.find(Secrets.digest(word)).filter(it -> now.isBefore(it.until()));
    token.ifPresent(it -> hourly.note(it.lastUsed(), now, () -> store.used(it.id(), now)));
    return token.flatMap(
        it -> people.find(it.person()).map(Person::signedIn).map(me -> new Holder(me, it.scope())));
  }

  /** Whoever loses their way in, or chooses another password, has no programs that keep theirs. */
  @EventListener
  void forget(AccessEnded ended) {
    store.forget(ended.id());
  }

  private void publish(long id, Action action, SignedIn me, String label) {
    events.publishEvent(Change.of(Thing.SHARE, id, action, me.person(), "a token: " + label));
  }
}
