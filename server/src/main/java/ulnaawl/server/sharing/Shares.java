package ulnaawl.server.sharing;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.OwnedByAnother;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.HourlyNote;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.sharing.ShareRow.Target;

/** Links for people without an account: made, seen, used, taken back. */
@Service
@RequiredArgsConstructor
class Shares {

  private static final int MOST = 300;

  private final ShareStore store;
  private final PeopleNames names;
  private final ApplicationEventPublisher events;
  private final HourlyNote hourly;
  private final Today today;

  /** One's own links that are good; an owner's are everybody's. */
  List<ShareRow> seenBy(SignedIn me) {
    return store.good(today.moment(), MOST).stream()
        .filter(it -> me.may(Ability.CLUB) || it.by().equals(me.person()))
        .toList();
  }

  /** Everybody's links that are good, for what else in the package they are made of. */
  List<ShareRow> good() {
    return store.good(today.moment(), MOST);
  }

  /** A link has done what it was for; whoever counted it closes it. */
  @Transactional
  void close(ShareRow row, SignedIn me) {
    store.revoke(row.id(), today.moment());
    publish(row.id(), Action.ARCHIVED, me.person(), row.label());
  }

  /** The word of a new link; it is said once, and no copy of it is kept. */
  @Transactional
  public String make(Target target, String label, int days, SignedIn me) {
    if (store.good(today.moment(), MOST).size() >= MOST) {
      throw Problem.rejected("Up to " + MOST + " links are open at a time; take some back.");
    }
    String word = Secrets.word();
    LocalDateTime now = today.moment();
    long id =
        store.add(
            Secrets.digest(word),
            new ShareRow(0, target, label, me.person(), now, now.plusDays(days), Optional.empty()));
    publish(id, Action.ADDED, me.person(), label);
    return word;
  }

  @Transactional
  public void revoke(long id, SignedIn me) {
    ShareRow row =
        store
            .find(id, today.moment())
            .orElseThrow(() -> Problem.gone("This link is not good any more."));
    if (!me.may(Ability.CLUB) && !row.by().equals(me.person())) {
      throw new OwnedByAnother("You did not make this link; " + names.of(row.by()) + " did.");
    }
    store.revoke(id, today.moment());
    publish(id, Action.ARCHIVED, me.person(), row.label());
  }

  /** The link with that word; that it was used is noted, once an hour. */
  ShareRow use(String word) {
    LocalDateTime now = today.moment();
    ShareRow row =
        store
            .find(Secrets.digest(word), now)
            .orElseThrow(() ->
                Problem.gone(
                    "This link is not good any more: it has expired, or was taken back. Ask whoever"
                        + " gave it to you for a new one."));
    hourly.note(row.lastUsed(), now, () -> store.used(row.id(), now));
    return row;
  }

  private void publish(long id, Action action, PersonId by, String label) {
    events.publishEvent(Change.of(Thing.SHARE, id, action, by, label));
  }
}
