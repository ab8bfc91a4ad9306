package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.ClassDays;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.PlanReason;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.Leading;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.calendar.ClosedDays;
import ulnaawl.server.calendar.Closings;
import ulnaawl.server.classes.ClassRow.Order;
import ulnaawl.server.classes.RunningOrders.Around;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.HistoryService;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Planning classes and changing their running orders. */
@Service
@RequiredArgsConstructor
public class ClassService {

  private static final int MOST_LINES = 40;

  private final ClassStore store;
  private final RunningOrders orders;
  private final ClosedDays closed;
  private final StandIns standIns;
  private final Leading leading;
  private final ClassHistory texts;
  private final GroupService groups;
  private final PeopleService people;
  private final DanceService dances;
  private final HistoryService history;
  private final ApplicationEventPublisher events;
  private final Today today;

  /** A line as somebody wants it; {@code id} names the stored line it was, 0 for a new one. */
  record WantedLine(long id, int minutes, Kind kind, Optional<Long> dance, String title) {}

  public ClassRow get(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This class is not here any more."));
  }

  /** The earliest class of each group that is still to be written down, by group. */
  Map<Long, ClassRow> next() {
    return store.next();
  }

  /** The number of a group's earliest class that is still to be written down. */
  public Optional<Long> nextOf(long group) {
    return Optional.ofNullable(store.next().get(group)).map(ClassRow::id);
  }

  /** The class of a group on a day, planned or written down. */
  Optional<ClassRow> on(long group, LocalDate date) {
    return store.on(group, date);
  }

  /** The class, if it is in sight. */
  Optional<ClassRow> find(long id) {
    return store.find(id);
  }

  List<ClassRow> recorded(int most) {
    return store.recorded(most);
  }

  /** The classes from one day to another, planned or written down. */
  public List<ClassRow> between(LocalDate from, LocalDate to) {
    return store.between(from, to);
  }

  /** The next day on which a group meets that has no recorded class yet. */
  LocalDate nextDate(GroupRow group) {
    Set<LocalDate> recorded = store.recordedFrom(today.date()).getOrDefault(group.id(), Set.of());
    return nextDate(group, closed.now(), recorded);
  }

  /** The same for every group, by group. */
  Map<Long, LocalDate> nextDates() {
    Map<Long, Set<LocalDate>> recorded = store.recordedFrom(today.date());
    Closings now = closed.now();
    return groups.all().stream()
        .collect(
            Collectors.toMap(
                GroupRow::id, it -> nextDate(it, now, recorded.getOrDefault(it.id(), Set.of()))));
  }

  private LocalDate nextDate(GroupRow group, Closings now, Set<LocalDate> recorded) {
    ClassDays days = now.daysOf(group.id(), group.weekday());
    LocalDate date = days.onOrAfter(today.date());
    while (recorded.contains(date)) {
      date = days.onOrAfter(date.plusDays(1));
    }
    return date;
  }

  /** Plans a class; where there is one on that day already, it is refused. */
  @Transactional
  public ClassRow plan(long group, LocalDate date, int minutes, SignedIn me) {
    GroupRow row = open(group, date, minutes);
    // A co-instructor plans what they lead.
    Optional<PersonId> leader =
        me.may(Ability.EVERY_CLASS) ? Optional.empty() : Optional.of(me.person());
    return added(
        group, date, leader, new Order(minutes, orders.plan(row, date, minutes, leader)), me);
  }

  /** Puts a class with a running order of its own on a day. */
  @Transactional
  ClassRow with(long group, LocalDate date, int minutes, List<WantedLine> wanted, SignedIn me) {
    open(group, date, minutes);
    refuseTooMany(wanted);
    List<LineRow> lines = wanted.stream().map(line -> line(line, Optional.empty(), me)).toList();
    return added(group, date, Optional.empty(), new Order(minutes, lines), me);
  }

  private ClassRow added(
      long group, LocalDate date, Optional<PersonId> leader, Order order, SignedIn me) {
    ClassRow added = get(store.add(group, date, order.minutes(), leader, order.lines()));
    publish(added, Action.ADDED, me, 0);
    return added;
  }

  /** The group, where a class of it can be put on that day. */
  private GroupRow open(long group, LocalDate date, int minutes) {
    GroupRow row = groups.active(group);
    ClassBounds.check(date, today.date());
    ClassBounds.check(minutes);
    closed
        .now()
        .on(group, date)
        .ifPresent(it -> {
          String why = it.note().isEmpty() ? "" : " (" + it.note() + ")";
          throw Problem.rejected(
              row.name() + " has no class on " + date + why + "; these days are closed.");
        });
    if (store.on(group, date).isPresent()) {
      throw Problem.conflict(row.name() + " has a class on " + date + " already.");
    }
    return row;
  }

  private static void refuseTooMany(List<WantedLine> lines) {
    if (lines.size() > MOST_LINES) {
      throw Problem.rejected("A running order has at most " + MOST_LINES + " lines.");
    }
  }

  /** Plans the class of a day anew, all of it; where there is none, nothing happens. */
  @Transactional
  public void planAnew(long group, LocalDate date, SignedIn me) {
    store
        .on(group, date)
        .ifPresent(it ->
            planAnew(it.id(), it.version(), new Around(it.minutes(), Set.of(), Set.of()), me));
  }

  /** Plans a class anew around the lines that stay. */
  @Transactional
  ClassRow planAnew(long id, int version, Around around, SignedIn me) {
    ClassRow row = get(id);
    ClassBounds.check(around.minutes());
    List<LineRow> lines = orders.around(row, groups.active(row.group()), around).lines();
    return write(row, version, new Order(around.minutes(), lines), Action.CHANGED, me);
  }

  /** Brings an earlier running order back, and the class itself where it was removed. */
  @Transactional
  ClassRow bringBack(long id, int version, int to, SignedIn me) {
    ClassRow row = store.archived(id).map(it -> restored(it, version)).orElseGet(() -> get(id));
    Order order = texts.read(history.content(Thing.CLASS, id, to));
    return write(row, version, order, Action.BROUGHT_BACK, me);
  }

  private ClassRow restored(ClassRow row, int version) {
    GroupRow group = groups.active(row.group());
    if (store.on(row.group(), row.date()).isPresent()) {
      throw Problem.conflict(
          group.name() + " has another class on " + row.date() + " by now; remove that one first.");
    }
    changed(store.restore(row.id(), version), row);
    return row;
  }

  /** Changes a running order by hand; lines that differ carry the name of who changed them. */
  @Transactional
  ClassRow change(long id, int version, int minutes, List<WantedLine> wanted, SignedIn me) {
    ClassRow row = get(id);
    ClassBounds.check(minutes);
    refuseTooMany(wanted);
    Map<Long, LineRow> before =
        row.lines().stream().collect(Collectors.toMap(LineRow::id, Function.identity()));
    List<LineRow> lines = new ArrayList<>();
    for (WantedLine line : wanted) {
      // A line that is named twice goes on in the first place; the second one is new.
      lines.add(line(line, Optional.ofNullable(before.remove(line.id())), me));
    }
    return write(row, version, new Order(minutes, lines), Action.CHANGED, me);
  }

  private ClassRow write(ClassRow row, int version, Order order, Action action, SignedIn me) {
    changed(store.change(row.id(), version, order.minutes(), order.lines()), row);
    ClassRow now = get(row.id());
    publish(now, action, me, version);
    return now;
  }

  private LineRow line(WantedLine wanted, Optional<LineRow> before, SignedIn me) {
    Optional<DanceVersion> dance =
        wanted
            .dance()
            .map(id -> {
              dances.danceable(id);
              return dances.get(id).at();
            });
    String title = wanted.dance().map(id -> dances.get(id).title()).orElse(wanted.title().strip());
    if (title.isEmpty()) {
      throw Problem.rejected("A line of the running order has a dance or a few words.");
    }
    boolean same =
        before
            .filter(line ->
                line.minutes() == wanted.minutes()
                    && line.kind() == wanted.kind()
                    && line.isOf(wanted.dance())
                    && line.title().equals(title))
            .isPresent();
    if (same) {
      return before.orElseThrow();
    }
    // Other words on a line without a dance are another line: what was said of it does not hold.
    boolean sameDance =
        before
            .filter(line -> line.isOf(wanted.dance()))
            .filter(line -> line.dance().isPresent() || line.title().equals(title))
            .isPresent();
    return new LineRow(
        before.map(LineRow::id).orElse(LineRow.NEW),
        wanted.minutes(),
        wanted.kind(),
        dance,
        title,
        sameDance ? before.orElseThrow().reasons() : List.of(new PlanReason.ChosenBy(me.person())),
        Optional.of(me.person()),
        Optional.of(today.moment()));
  }

  @Transactional
  void archive(long id, int version, SignedIn me) {
    ClassRow row = get(id);
    changed(store.archive(id, version), row);
    events.publishEvent(Change.archived(Thing.CLASS, id, me.person(), version, subject(row)));
  }

  /**
   * Says who leads; empty for nobody in particular. A co-instructor gives away what is theirs, and
   * takes what nobody leads, or somebody who is away on that day.
   */
  @Transactional
  ClassRow lead(long id, int version, Optional<PersonId> leader, SignedIn me) {
    ClassRow row = get(id);
    Optional<PersonId> who = leader.map(people::leader);
    if (!standIns.isOpen(row) || !who.equals(Optional.of(me.person()))) {
      leading.needClass(me, id);
    }
    who.flatMap(it -> standIns.whyNot(it, row))
        .ifPresent(why -> {
          throw Problem.rejected(why);
        });
    changed(store.lead(id, version, who), row);
    ClassRow now = get(id);
    publish(now, Action.CHANGED, me, version);
    return now;
  }

  /** What a log wrote about a class, said to everybody. */
  void publish(ClassRow now, Action action, SignedIn me, int from) {
    events.publishEvent(
        Change.next(Thing.CLASS, now.id(), action, me.person(), from, subject(now))
            .with(texts.write(now.order())));
  }

  private String subject(ClassRow row) {
    return groups.get(row.group()).name() + ", " + row.date();
  }

  /** Refuses what was not done because the class was changed or written down before. */
  static void changed(boolean done, ClassRow row) {
    if (!done) {
      throw Problem.conflict(
          row.recorded()
              ? "This class has been written down already; take the record back to change it."
              : "Somebody has changed this class in the meantime; what you see now is the newest.");
    }
  }
}
