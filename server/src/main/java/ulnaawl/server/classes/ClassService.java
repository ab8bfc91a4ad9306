package ulnaawl.server.classes;

import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.ClassRequest;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.platform.Change;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;

/** Planning classes and writing down what happened; instructors and co-instructors alike. */
@Service
public class ClassService {

  private static final int MOST_LINES = 40;
  private static final int YEARS_AHEAD = 2;

  private final MeetingStore store;
  private final RunningOrders orders;
  private final GroupService groups;
  private final DanceService dances;
  private final ApplicationEventPublisher events;
  private final Today today;

  ClassService(
      MeetingStore store,
      RunningOrders orders,
      GroupService groups,
      DanceService dances,
      ApplicationEventPublisher events,
      Today today) {
    this.store = store;
    this.orders = orders;
    this.groups = groups;
    this.dances = dances;
    this.events = events;
    this.today = today;
  }

  /** A line as somebody wants it; {@code id} names the stored line it was, 0 for a new one. */
  record WantedLine(long id, int minutes, Kind kind, Optional<Long> dance, String title) {}

  /** What became of a line. */
  record Danced(long line, Happened happened, int sections, Outcome outcome, String note) {}

  MeetingRow get(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This class is not here any more."));
  }

  Optional<MeetingRow> next(long group) {
    return store.next(group);
  }

  List<MeetingRow> recorded(int most) {
    return store.recorded(most);
  }

  /** The next day on which a group meets that has no recorded class yet. */
  LocalDate nextDate(GroupRow group) {
    LocalDate date = today.date().with(TemporalAdjusters.nextOrSame(group.weekday()));
    while (store.on(group.id(), date).map(MeetingRow::recorded).orElse(false)) {
      date = date.plusWeeks(1);
    }
    return date;
  }

  /** Plans a class; where there is one on that day already, it is refused. */
  @Transactional
  public MeetingRow plan(long group, LocalDate date, int minutes, SignedIn me) {
    GroupRow row = groups.get(group);
    checkDate(date);
    checkMinutes(minutes);
    if (store.on(group, date).isPresent()) {
      throw Problem.conflict(row.name() + " has a class on " + date + " already.");
    }
    long id = store.add(group, date, minutes, orders.plan(row, date, minutes));
    events.publishEvent(new Change(me.name(), "planned the class of " + date, row.name()));
    return get(id);
  }

  /** Plans a class anew, in place of its running order. */
  @Transactional
  MeetingRow planAnew(long id, int version, int minutes, SignedIn me) {
    MeetingRow meeting = get(id);
    checkMinutes(minutes);
    GroupRow group = groups.get(meeting.group());
    List<LineRow> lines = orders.plan(group, meeting.date(), minutes);
    changed(store.change(id, version, minutes, lines), meeting);
    events.publishEvent(
        new Change(me.name(), "planned the class of " + meeting.date() + " anew", group.name()));
    return get(id);
  }

  /** Changes a running order by hand; lines that differ carry the name of who changed them. */
  @Transactional
  MeetingRow change(long id, int version, int minutes, List<WantedLine> wanted, SignedIn me) {
    MeetingRow meeting = get(id);
    checkMinutes(minutes);
    if (wanted.size() > MOST_LINES) {
      throw Problem.rejected("A running order has at most " + MOST_LINES + " lines.");
    }
    Map<Long, LineRow> before =
        meeting.lines().stream().collect(Collectors.toMap(LineRow::id, Function.identity()));
    List<LineRow> lines = new ArrayList<>();
    for (WantedLine line : wanted) {
      lines.add(line(line, Optional.ofNullable(before.get(line.id())), me));
    }
    changed(store.change(id, version, minutes, lines), meeting);
    events.publishEvent(
        new Change(
            me.name(),
            "changed the running order of " + meeting.date(),
            groups.get(meeting.group()).name()));
    return get(id);
  }

  private LineRow line(WantedLine wanted, Optional<LineRow> before, SignedIn me) {
    String title =
        wanted.dance().isPresent()
            ? dances.danceable(wanted.dance().get()).dance().title()
            : wanted.title().strip();
    if (title.isEmpty()) {
      throw Problem.rejected("A line of the running order has a dance or a few words.");
    }
    boolean same =
        before
            .filter(line ->
                line.minutes() == wanted.minutes()
                    && line.kind() == wanted.kind()
                    && line.dance().equals(wanted.dance())
                    && line.title().equals(title))
            .isPresent();
    if (same) {
      return before.orElseThrow();
    }
    boolean sameDance = before.map(line -> line.dance().equals(wanted.dance())).orElse(false);
    String reason = sameDance ? before.orElseThrow().reason() : "Chosen by " + me.name() + ".";
    return new LineRow(
        0,
        wanted.minutes(),
        wanted.kind(),
        wanted.dance(),
        title,
        reason,
        Optional.of(me.name()),
        Optional.of(today.moment()));
  }

  /** Writes down what happened. */
  @Transactional
  public MeetingRow record(long id, int version, String note, List<Danced> danced, SignedIn me) {
    MeetingRow meeting = get(id);
    if (meeting.date().isAfter(today.date())) {
      throw Problem.rejected(
          "This class is on " + meeting.date() + "; it is written down once it has been.");
    }
    changed(store.markRecorded(id, version, note, me.name(), today.moment()), meeting);
    Map<Long, LineRow> lines =
        meeting.lines().stream().collect(Collectors.toMap(LineRow::id, Function.identity()));
    for (Danced one : danced) {
      LineRow line =
          Optional.ofNullable(lines.get(one.line()))
              .orElseThrow(() -> Problem.rejected("A line of this class is not there any more."));
      long dance =
          line.dance().orElseThrow(() -> Problem.rejected(line.title() + " is not a dance."));
      int all = dances.danceable(dance).sections();
      if (one.sections() < 1 || one.sections() > all) {
        throw Problem.rejected(line.title() + " has sections 1 to " + all + ".");
      }
      groups.record(
          meeting.group(),
          dance,
          Optional.of(id),
          new Evidence(meeting.date(), one.happened(), one.sections(), one.outcome(), me.name()),
          one.note());
    }
    events.publishEvent(
        new Change(
            me.name(),
            "wrote down the class of " + meeting.date(),
            groups.get(meeting.group()).name()));
    return get(id);
  }

  /** Takes a record back: the class is planned again, its evidence is gone. */
  @Transactional
  MeetingRow takeBack(long id, int version, SignedIn me) {
    MeetingRow meeting = get(id);
    changed(store.markPlanned(id, version), meeting);
    groups.forget(id);
    events.publishEvent(
        new Change(
            me.name(),
            "took back the record of " + meeting.date(),
            groups.get(meeting.group()).name()));
    return get(id);
  }

  @Transactional
  void remove(long id, int version, SignedIn me) {
    MeetingRow meeting = get(id);
    changed(store.remove(id, version), meeting);
    events.publishEvent(
        new Change(
            me.name(),
            "removed the planned class of " + meeting.date(),
            groups.get(meeting.group()).name()));
  }

  private static void changed(boolean done, MeetingRow meeting) {
    if (!done) {
      throw Problem.conflict(
          meeting.recorded()
              ? "This class has been written down already; take the record back to change it."
              : "Somebody has changed this class in the meantime; what you see now is the newest.");
    }
  }

  private void checkDate(LocalDate date) {
    LocalDate now = today.date();
    if (date.isBefore(now.minusYears(YEARS_AHEAD)) || date.isAfter(now.plusYears(YEARS_AHEAD))) {
      throw Problem.rejected("A class lies within two years of today, not on " + date + ".");
    }
  }

  private static void checkMinutes(int minutes) {
    if (minutes < ClassRequest.LEAST_MINUTES || minutes > ClassRequest.MOST_MINUTES) {
      throw Problem.rejected(
          "A class lasts "
              + ClassRequest.LEAST_MINUTES
              + " to "
              + ClassRequest.MOST_MINUTES
              + " minutes, not "
              + minutes
              + ".");
    }
  }
}
