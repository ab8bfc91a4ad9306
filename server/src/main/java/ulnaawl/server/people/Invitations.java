package ulnaawl.server.people;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Ways into the club: a link for one person, good once and for two weeks. */
@Service
@RequiredArgsConstructor
public class Invitations {

  private static final Duration GOOD_FOR = Duration.ofDays(14);
  private static final int MOST = 50;

  private final InvitationStore store;
  private final PeopleService people;
  private final ApplicationEventPublisher events;
  private final Today today;

  /** What somebody who holds a link is told: who invites them to what. */
  public record Welcome(String name, Role role, PersonId by) {}

  List<Invitation> good() {
    return store.good(today.moment());
  }

  /** The word of a new link; it is said once, and no copy of it is kept. */
  @Transactional
  String make(String name, Role role, SignedIn by) {
    Roles.needCovers(by, role);
    store.deleteOld(today.moment());
    if (good().size() >= MOST) {
      throw Problem.rejected("Up to " + MOST + " invitations are open at a time; revoke some.");
    }
    String clean = Names.clean(name);
    Optional<PersonId> back = people.checkInvited(clean);
    String word = Secrets.word();
    store.add(
        Secrets.digest(word),
        new Invitation(
            0, clean, back, role, by.person(), today.moment(), today.moment().plus(GOOD_FOR)));
    publish(Action.ADDED, by);
    return word;
  }

  @Transactional
  void revoke(long id, SignedIn by) {
    if (!store.delete(id)) {
      throw Problem.gone("This invitation was used, or is not good any more.");
    }
    publish(Action.ARCHIVED, by);
  }

  /** Who is invited to what with that word. */
  @Transactional(readOnly = true)
  public Welcome look(String word) {
    Invitation found = find(word);
    return new Welcome(found.name(), found.role(), found.madeBy());
  }

  /** Joins with a link, which is worth nothing afterwards. */
  @Transactional
  public SignedIn join(String word, String name, String password) {
    Invitation found = find(word);
    SignedIn joined = people.join(name, password, found);
    store.delete(found.id());
    return joined;
  }

  private Invitation find(String word) {
    return store
        .find(Secrets.digest(word), today.moment())
        .orElseThrow(() ->
            Problem.rejected(
                "This invitation was used already, was taken back, or is older than two weeks; ask"
                    + " for a new one."));
  }

  @EventListener
  void forget(PersonForgotten forgotten) {
    store.deleteFor(forgotten.person());
  }

  /** Without the name: whoever is forgotten later must not stand in the log. */
  private void publish(Action action, SignedIn by) {
    events.publishEvent(Change.of(Thing.PERSON, 0, action, by.person(), "an invitation"));
  }
}
