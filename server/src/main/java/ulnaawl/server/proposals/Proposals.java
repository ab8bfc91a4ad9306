package ulnaawl.server.proposals;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.people.PeopleNames;
import ulnaawl.server.access.OwnedByAnother;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.proposals.ProposalRow.State;

/** Changes that are proposed, taken over, declined and withdrawn. */
@Service
public class Proposals {

  private static final int MOST_OPEN = 200;
  private static final int LATELY = 20;

  private final ProposalStore store;
  private final ApplicationEventPublisher events;
  private final Today today;
  private final PeopleNames names;
  private final Map<Thing, Proposable> takers = new EnumMap<>(Thing.class);

  Proposals(
      ProposalStore store,
      PeopleNames names,
      ApplicationEventPublisher events,
      Today today,
      List<Proposable> takers) {
    this.store = store;
    this.names = names;
    this.events = events;
    this.today = today;
    takers.forEach(it -> this.takers.put(it.thing(), it));
  }

  /** What waits: one's own, and what one may decide on. */
  public List<ProposalRow> openFor(SignedIn me) {
    return store.open().stream().filter(it -> maySee(it, me)).toList();
  }

  /** What was decided lately, of what one may see. */
  public List<ProposalRow> decidedFor(SignedIn me) {
    return store.decided(LATELY).stream().filter(it -> maySee(it, me)).toList();
  }

  private boolean maySee(ProposalRow row, SignedIn me) {
    return row.by().equals(me.person()) || mayDecide(row, me);
  }

  /** Whether somebody may decide on a proposal. */
  boolean mayDecide(ProposalRow row, SignedIn me) {
    return taker(row.thing()).mayChange(me);
  }

  private void needDecider(ProposalRow row, SignedIn me) {
    if (!mayDecide(row, me)) {
      throw new OwnedByAnother(
          "On a proposal decides whoever may change the thing itself; an instructor may.");
    }
  }

  ProposalRow get(long id, SignedIn me) {
    return store
        .find(id)
        .filter(it -> maySee(it, me))
        .orElseThrow(() -> Problem.gone("This proposal is not here."));
  }

  /** Proposes a change of a thing, made from a version. */
  @Transactional
  public ProposalRow propose(
      Thing thing, long id, int version, String base, String content, String note, SignedIn me) {
    String title = taker(thing).title(id);
    if (store.open().size() >= MOST_OPEN) {
      throw Problem.rejected("Many proposals wait; they have to be looked at first.");
    }
    if (content.equals(base) || content.indexOf('\0') >= 0) {
      throw Problem.rejected("A proposal changes something.");
    }
    long made =
        store.add(
            new ProposalRow(
                0,
                thing,
                id,
                version,
                base,
                content,
                title,
                note.strip(),
                me.person(),
                today.moment(),
                State.OPEN,
                "",
                Optional.empty(),
                Optional.empty()));
    publish(made, Action.ADDED, me, title);
    return get(made, me);
  }

  /**
   * Makes the proposed change, and says so to whoever proposed it.
   *
   * @param version of the thing that was seen
   * @param content the proposed one, put together with what changed since; nothing where it was
   *     changed by hand already
   */
  @Transactional
  ProposalRow take(long id, int version, Optional<String> content, SignedIn me) {
    ProposalRow row = get(id, me);
    needDecider(row, me);
    decide(row, State.TAKEN, "", me);
    content.ifPresent(it -> taker(row.thing()).take(row.thingId(), version, it, me));
    return get(id, me);
  }

  @Transactional
  ProposalRow decline(long id, String answer, SignedIn me) {
    ProposalRow row = get(id, me);
    needDecider(row, me);
    decide(row, State.DECLINED, answer.strip(), me);
    return get(id, me);
  }

  /** Takes one's own back. */
  @Transactional
  void withdraw(long id, SignedIn me) {
    ProposalRow row = get(id, me);
    if (!row.by().equals(me.person())) {
      throw new OwnedByAnother("You did not propose this; " + names.of(row.by()) + " did.");
    }
    decide(row, State.WITHDRAWN, "", me);
  }

  private void decide(ProposalRow row, State state, String answer, SignedIn me) {
    if (!store.decide(row.id(), state, answer, me.person(), today.moment())) {
      throw Problem.conflict("This proposal was decided in the meantime; look again.");
    }
    publish(row.id(), Action.CHANGED, me, row.title());
  }

  private Proposable taker(Thing thing) {
    return Optional.ofNullable(takers.get(thing))
        .orElseThrow(() -> Problem.rejected("Of this nothing can be proposed."));
  }

  private void publish(long id, Action action, SignedIn me, String title) {
    events.publishEvent(Change.of(Thing.PROPOSAL, id, action, me.person(), title));
  }
}
