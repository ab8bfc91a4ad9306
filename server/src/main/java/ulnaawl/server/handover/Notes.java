package ulnaawl.server.handover;

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
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Notes for whoever leads a group next, and questions to a colleague. */
@Service
@RequiredArgsConstructor
public class Notes {

  private final NoteStore store;
  private final PeopleNames names;
  private final GroupService groups;
  private final PeopleService people;
  private final ApplicationEventPublisher events;
  private final Today today;

  List<NoteRow> of(long group) {
    return store.of(group);
  }

  /** Questions that wait for this person's answer. */
  public List<NoteRow> openFor(PersonId person) {
    return store.openFor(person);
  }

  /** This person's questions that were answered at that moment or later. */
  public List<NoteRow> answeredSince(PersonId by, LocalDateTime since) {
    return store.answeredSince(by, since);
  }

  /**
   * Writes a note, or asks somebody.
   *
   * @param asks whom; empty for a note
   */
  @Transactional
  public void add(long group, String text, Optional<PersonId> asks, SignedIn me) {
    GroupRow to = groups.active(group);
    Optional<PersonId> asked = asks.map(people::leader);
    String clean = text.strip();
    if (clean.isEmpty()) {
      throw Problem.rejected("A note has a few words.");
    }
    if (asked.equals(Optional.of(me.person()))) {
      throw Problem.rejected("Ask a colleague, or write it as a note.");
    }
    store.add(group, clean, asked, me.person(), today.moment());
    publish(Action.ADDED, to, me.person());
  }

  /** Answers a question; whoever was asked may, and an instructor. */
  @Transactional
  void answer(long id, String text, SignedIn me) {
    NoteRow row = find(id);
    if (row.asked().isEmpty()) {
      throw Problem.rejected("This is a note; nobody was asked.");
    }
    if (!row.asked().equals(Optional.of(me.person())) && !me.may(Ability.EVERY_CLASS)) {
      throw new OwnedByAnother("You were not asked; " + names.of(row.asked().get()) + " was.");
    }
    String clean = text.strip();
    if (clean.isEmpty()) {
      throw Problem.rejected("An answer has a few words.");
    }
    if (!store.answer(id, clean, me.person(), today.moment())) {
      throw Problem.conflict("This was answered by somebody in the meantime; look again.");
    }
    publish(Action.CHANGED, groups.get(row.group()), me.person());
  }

  /** Takes one's own away; an instructor anybody's. */
  @Transactional
  void remove(long id, SignedIn me) {
    NoteRow row = find(id);
    if (!row.by().equals(me.person()) && !me.may(Ability.EVERY_CLASS)) {
      throw new OwnedByAnother("You did not write this; " + names.of(row.by()) + " did.");
    }
    store.remove(id, today.moment());
    publish(Action.ARCHIVED, groups.get(row.group()), me.person());
  }

  private NoteRow find(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This note is not here any more."));
  }

  private void publish(Action action, GroupRow group, PersonId by) {
    events.publishEvent(Change.of(Thing.NOTE, group.id(), action, by, group.name()));
  }
}
