package ulnaawl.server.groups;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.HistoryService;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** The club's groups, and what happened with each. */
@Service
public class GroupService {

  private final GroupStore store;
  private final EvidenceStore evidence;
  private final DanceService dances;
  private final PeopleService people;
  private final HistoryService history;
  private final GroupHistory texts;
  private final ApplicationEventPublisher events;
  private final Today today;

  GroupService(
      GroupStore store,
      EvidenceStore evidence,
      DanceService dances,
      PeopleService people,
      HistoryService history,
      GroupHistory texts,
      ApplicationEventPublisher events,
      Today today) {
    this.store = store;
    this.evidence = evidence;
    this.dances = dances;
    this.people = people;
    this.history = history;
    this.texts = texts;
    this.events = events;
    this.today = today;
  }

  /** What happened with a dance, as somebody writes it down. */
  public record Entry(
      long dance,
      LocalDate date,
      Happened happened,
      SectionSet shown,
      Outcome outcome,
      String note,
      EvidenceRow.Details details) {}

  public List<GroupRow> all() {
    return store.all();
  }

  /** What happened in all groups from one day to another, both among them. */
  public List<EvidenceRow> between(LocalDate from, LocalDate to) {
    return evidence.between(from, to);
  }

  /** Every group that ever was, by its number. */
  public Map<Long, GroupRow> everKnown() {
    return store.allEver().stream().collect(Collectors.toMap(GroupRow::id, Function.identity()));
  }

  /** The group, archived or not, or a problem that says it is gone. */
  public GroupRow get(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This group is not here."));
  }

  /** The group; refused where it is archived. */
  public GroupRow active(long id) {
    GroupRow row = get(id);
    if (row.archived()) {
      throw Problem.gone(row.name() + " has been removed; bring it back first.");
    }
    return row;
  }

  public List<EvidenceRow> evidenceOf(long group) {
    return evidence.of(group);
  }

  /** What was written down for some classes. */
  public List<EvidenceRow> evidenceOfClasses(List<Long> classes) {
    return evidence.ofClasses(classes);
  }

  @Transactional
  GroupRow add(GroupDraft draft, SignedIn me) {
    return addFor(draft, me.name());
  }

  /** Adds a group without a role check, for the demo club. */
  @Transactional
  public GroupRow addFor(GroupDraft draft, String by) {
    checkFree(draft, 0);
    long id = store.add(draft);
    say(id, Action.ADDED, by, 0, draft);
    return get(id);
  }

  @Transactional
  GroupRow change(long id, int version, GroupDraft draft, SignedIn me) {
    return write(active(id), version, draft, Action.CHANGED, me);
  }

  /** Brings an earlier version back, and the group with it where it is archived. */
  @Transactional
  GroupRow bringBack(long id, int version, int to, SignedIn me) {
    GroupRow now = get(id);
    GroupDraft draft =
        to == now.version() ? now.draft() : texts.read(history.content(Thing.GROUP, id, to));
    return write(now, version, draft, Action.BROUGHT_BACK, me);
  }

  private GroupRow write(GroupRow now, int version, GroupDraft draft, Action action, SignedIn me) {
    checkFree(draft, now.id());
    if (!store.change(now.id(), version, draft)) {
      throw Problem.conflict("Somebody has changed this group in the meantime.");
    }
    say(now.id(), action, me.name(), version, draft);
    return get(now.id());
  }

  private void checkFree(GroupDraft draft, long except) {
    String name = draft.name().strip();
    String look = Names.look(name);
    Optional<GroupRow> other =
        store.all().stream()
            .filter(it -> it.id() != except && Names.look(it.name()).equals(look))
            .findFirst();
    if (other.isPresent()) {
      String theirs = other.get().name();
      boolean same = Names.key(theirs).equals(Names.key(name));
      throw Problem.conflict(
          same
              ? "There is a group called " + theirs + " already."
              : "There is a group called "
                  + theirs
                  + " already, and this name looks just like it; take another one.");
    }
  }

  private void say(long id, Action action, String by, int from, GroupDraft draft) {
    events.publishEvent(
        new Change(
            Thing.GROUP,
            id,
            action,
            by,
            from,
            from + 1,
            draft.name(),
            Optional.of(texts.write(draft))));
  }

  @Transactional
  void archive(long id, int version, SignedIn me) {
    GroupRow now = active(id);
    if (!store.archive(id, version)) {
      throw Problem.conflict(
          "Somebody has changed this group in the meantime; look at it again first.");
    }
    events.publishEvent(
        new Change(
            Thing.GROUP,
            id,
            Action.ARCHIVED,
            me.name(),
            version,
            version,
            now.name(),
            Optional.empty()));
  }

  /**
   * Writes down what happened, once for a word of the device that writes it, however often it is
   * sent: an answer can be lost on its way.
   */
  @Transactional
  void recordOnce(long group, String key, Entry entry, String by) {
    if (!evidence.isWritten(group, key)) {
      evidence.name(record(group, Optional.empty(), entry, by), key);
    }
  }

  /**
   * Writes down what happened; instructors and co-instructors alike. Answers the entry's number.
   */
  @Transactional
  public long record(long group, Optional<Long> classId, Entry entry, String by) {
    GroupRow row = active(group);
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
        evidence.add(
            new EvidenceRow.Fresh(
                group,
                dance.at(),
                classId,
                entry.date(),
                entry.happened(),
                entry.shown(),
                entry.outcome(),
                entry.note(),
                entry.details()),
            by,
            today.moment());
    events.publishEvent(
        Change.of(Thing.EVIDENCE, id, Action.ADDED, by, row.name() + ": " + dance.title()));
    return id;
  }

  /** A colleague by name, as it is written; refused where nobody is called so. */
  public String leader(String name) {
    return people
        .named(name)
        .filter(it -> it.role().isAtLeast(Role.CO_INSTRUCTOR))
        .map(Person::name)
        .orElseThrow(() ->
            Problem.rejected(
                "Nobody who leads in the club is called "
                    + name
                    + "; choose who led from the list."));
  }

  /** Numbers of the dances that somebody has led in any group, as far as the record says. */
  public Set<Long> ledBy(String name) {
    return evidence.ledBy(name);
  }

  /** When each leader last led a group, as far as the record says. */
  public Map<String, LocalDate> lastLed(long group) {
    return evidence.lastLed(group);
  }

  /** Takes back what noted itself in a class: all of it, or of one dance what was done so. */
  @Transactional
  public void withdrawNoted(
      long classId, Optional<Long> dance, Optional<Happened> happened, String by) {
    evidence.withdrawNoted(classId, dance, happened, by, today.moment());
  }

  /** Takes back everything that was written for a class. */
  @Transactional
  public void withdraw(long classId, String by) {
    evidence.withdrawOf(classId, by, today.moment());
  }

  /** Takes an entry back, in whatever group it is; nothing happens where it was before. */
  @Transactional
  void withdrawAnywhere(long id, SignedIn me) {
    evidence.groupOf(id).ifPresent(group -> withdrawEntry(group, id, me));
  }

  @Transactional
  void withdrawEntry(long group, long id, SignedIn me) {
    GroupRow row = get(group);
    if (!evidence.withdraw(group, id, me.name(), today.moment())) {
      throw Problem.gone("This entry is not in the record any more.");
    }
    events.publishEvent(Change.of(Thing.EVIDENCE, id, Action.TAKEN_BACK, me.name(), row.name()));
  }
}
