package ulnaawl.server.learning;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** The record: what happened with each group. What is taken back stays, marked as withdrawn. */
@Service
@RequiredArgsConstructor
public class RecordService {

  private final EntryStore entries;
  private final GroupService groups;
  private final DanceService dances;
  private final ApplicationEventPublisher events;
  private final Today today;

  /** What happened with a dance, as somebody writes it down. */
  public record Entry(
      long dance,
      LocalDate date,
      Happened happened,
      SectionSet shown,
      Outcome outcome,
      String note,
      EntryRow.Details details) {}

  /** What happened in all groups from one day to another, both among them. */
  public List<EntryRow> between(LocalDate from, LocalDate to) {
    return entries.between(from, to);
  }

  public List<EntryRow> of(long group) {
    return entries.of(group);
  }

  /** What was written down for some classes. */
  public List<EntryRow> ofClasses(List<Long> classes) {
    return entries.ofClasses(classes);
  }

  /**
   * Writes down what happened, once for a word of the device that writes it, however often it is
   * sent: an answer can be lost on its way.
   */
  @Transactional
  void recordOnce(long group, String key, Entry entry, SignedIn me) {
    if (!entries.isWritten(group, key)) {
      entries.name(record(group, Optional.empty(), entry, me), key);
    }
  }

  /**
   * Writes down what happened; instructors and co-instructors alike. Answers the entry's number.
   */
  @Transactional
  public long record(long group, Optional<Long> classId, Entry entry, SignedIn me) {
    GroupRow row = groups.active(group);
    if (entry.date().isAfter(today.date())) {
      throw Problem.rejected("The record holds what has happened; this day is still to come.");
    }
    int sections = dances.danceable(entry.dance()).sections();
    DanceRow dance = dances.get(entry.dance());
    if (!entry.happened().isWhole()) {
      if (entry.shown().isEmpty()) {
        throw Problem.rejected("Say which sections of " + dance.title() + " were shown.");
      }
      if (!SectionSet.upTo(sections).containsAll(entry.shown())) {
        throw Problem.rejected(
            dance.title()
                + " has sections 1 to "
                + sections
                + ", not "
                + entry.shown().label()
                + ".");
      }
    }
    SectionSet spots = SectionSet.of(entry.details().spots().keySet());
    if (!SectionSet.upTo(sections).containsAll(spots)) {
      throw Problem.rejected(
          dance.title() + " has sections 1 to " + sections + ", not " + spots.label() + ".");
    }
    long id =
        entries.add(
            new EntryRow.Fresh(
                group,
                dance.at(),
                classId,
                entry.date(),
                entry.happened(),
                entry.shown(),
                entry.outcome(),
                entry.note(),
                entry.details()),
            me.person(),
            today.moment());
    events.publishEvent(
        Change.of(
            Thing.EVIDENCE, id, Action.ADDED, me.person(), row.name() + ": " + dance.title()));
    return id;
  }

  /** Numbers of the dances that somebody has led in any group, as far as the record says. */
  public Set<Long> ledBy(PersonId person) {
    return entries.ledBy(person);
  }

  /** When each leader last led a group, as far as the record says. */
  public Map<PersonId, LocalDate> lastLed(long group) {
    return entries.lastLed(group);
  }

  /** Takes back what noted itself in a class: all of it, or of one dance what was done so. */
  @Transactional
  public void withdrawNoted(
      long classId, Optional<Long> dance, Optional<Happened> happened, SignedIn me) {
    entries.withdrawNoted(classId, dance, happened, me.person(), today.moment());
  }

  /** Takes back everything that was written for a class. */
  @Transactional
  public void withdraw(long classId, SignedIn me) {
    entries.withdrawOf(classId, me.person(), today.moment());
  }

  /** Takes an entry back, in whatever group it is; nothing happens where it was before. */
  @Transactional
  void withdrawAnywhere(long id, SignedIn me) {
    entries.groupOf(id).ifPresent(group -> withdrawEntry(group, id, me));
  }

  @Transactional
  void withdrawEntry(long group, long id, SignedIn me) {
    GroupRow row = groups.get(group);
    if (!entries.withdraw(group, id, me.person(), today.moment())) {
      throw Problem.gone("This entry is not in the record any more.");
    }
    events.publishEvent(Change.of(Thing.EVIDENCE, id, Action.TAKEN_BACK, me.person(), row.name()));
  }
}
