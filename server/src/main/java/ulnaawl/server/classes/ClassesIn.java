package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.formats.calendar.CalendarEvent;
import ulnaawl.formats.intake.Content;
import ulnaawl.formats.table.Cells;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.formats.table.DayHabit;
import ulnaawl.formats.table.Table;
import ulnaawl.plan.ClassLine;
import ulnaawl.plan.ClassRequest;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.calendar.EventsBrought;
import ulnaawl.server.classes.ClassService.WantedLine;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.exchange.Brought;
import ulnaawl.server.exchange.Coming;
import ulnaawl.server.exchange.Found;
import ulnaawl.server.exchange.Found.Where;
import ulnaawl.server.exchange.Incoming;
import ulnaawl.server.exchange.Kind;
import ulnaawl.server.exchange.Outgoing;
import ulnaawl.server.exchange.Taken;
import ulnaawl.server.groups.GroupNames;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/**
 * Classes in tables, a line of the running order a row, and in calendars, where an event with a
 * group's name in it is a class. What has no running order is planned by the program.
 */
@Component
@RequiredArgsConstructor
class ClassesIn implements Incoming, Outgoing {

  private static final int BACK_WEEKS = 104;
  private static final int AHEAD_WEEKS = 104;
  private static final int LONGEST_WORDS = 120;

  private final ClassService classes;
  private final GroupService groups;
  private final DanceService dances;
  private final EventsBrought events;
  private final Today today;

  @Override
  public Kind kind() {
    return Kind.CLASSES;
  }

  /** A class is that of a group on a day. */
  private record When(String group, LocalDate day) {}

  /** A line as a table has it. */
  private record RunningLine(ClassLine.Kind kind, int minutes, String dance, String words) {}

  /** A class as a file has it. */
  private record Wanted(
      Where spot, String group, LocalDate day, int minutes, List<RunningLine> lines) {
    String title() {
      return group + ", " + day;
    }
  }

  @Override
  public List<Found> look(Brought brought, Coming coming) {
    List<Found> found = new ArrayList<>();
    GroupNames named = new GroupNames(groups, coming);
    Map<When, Wanted> wanted = new LinkedHashMap<>();
    for (Brought.Numbered<Content.Rows> one : brought.of(Content.Rows.class)) {
      if (one.content().kind() == ClubTable.CLASSES) {
        table(one.part(), one.content().table(), named, coming, wanted, found);
      }
    }
    Set<When> twice = new HashSet<>(wanted.keySet());
    wanted.values().forEach(it -> found.add(look(it, named)));
    for (EventsBrought.Event event : events.of(brought)) {
      event(event, named, twice).ifPresent(found::add);
    }
    return found;
  }

  private void table(
      int part,
      Table table,
      GroupNames named,
      Coming coming,
      Map<When, Wanted> wanted,
      List<Found> found) {
    DayHabit habit = DayHabit.of(table.column("date"));
    Map<When, String> spoilt = new HashMap<>();
    for (Table.Row row : table.rows()) {
      Brought.TableRow line = new Brought.TableRow(new Where(part, row.line()), table, row);
      String group = Names.clean(line.cell("group"));
      Optional<LocalDate> day = habit.read(line.cell("date"));
      if (day.isEmpty()) {
        found.add(line.spot().unreadable(group, DayHabit.whyNot(line.cell("date")) + "."));
        continue;
      }
      When when = new When(Names.key(group), day.get());
      try {
        named
            .whyNot(group)
            .ifPresent(why -> {
              throw Problem.rejected(why);
            });
        LocalDate date = day.get();
        ClassBounds.check(date, today.date());
        put(line, group, when, named, coming, wanted);
      } catch (Problem problem) {
        String why = String.valueOf(problem.getMessage());
        spoilt.putIfAbsent(when, why);
        found.add(line.spot().unreadable(group + ", " + day.get(), why));
      }
    }
    // Half a running order would be another one.
    spoilt.keySet().forEach(wanted::remove);
  }

  private void put(
      Brought.TableRow row,
      String group,
      When when,
      GroupNames named,
      Coming coming,
      Map<When, Wanted> wanted) {
    Optional<RunningLine> line = line(row, coming);
    int usual = named.find(group).map(GroupRow::minutes).orElse(60);
    int minutes =
        Cells.number(
                row.cell("minutes"), usual, ClassRequest.LEAST_MINUTES, ClassRequest.MOST_MINUTES)
            .orElseThrow(
                () -> Problem.rejected("'" + row.cell("minutes") + "' are no minutes of a class."));
    Wanted before = wanted.get(when);
    List<RunningLine> lines = new ArrayList<>(before == null ? List.of() : before.lines());
    line.ifPresent(lines::add);
    wanted.put(
        when,
        before == null
            ? new Wanted(row.spot(), group, when.day(), minutes, lines)
            : new Wanted(before.spot(), before.group(), when.day(), before.minutes(), lines));
  }

  private Optional<RunningLine> line(Brought.TableRow row, Coming coming) {
    String dance = Names.clean(row.cell("dance"));
    String words = row.cell("words");
    if (dance.isEmpty() && words.isEmpty() && row.cell("part").isEmpty()) {
      return Optional.empty();
    }
    ClassLine.Kind kind =
        Cells.read(ClassLine.Kind.class, row.cell("part"))
            .orElseThrow(() ->
                Problem.rejected(
                    "'"
                        + row.cell("part")
                        + "' is no part of a class; one of: "
                        + Cells.words(ClassLine.Kind.class)
                        + "."));
    int minutes =
        Cells.number(row.cell("line minutes"), 0, 1, ClassRequest.MOST_MINUTES)
            .filter(it -> it > 0)
            .orElseThrow(() -> Problem.rejected("Say how many minutes the line takes."));
    if (words.length() > LONGEST_WORDS) {
      throw Problem.rejected("A line has up to " + LONGEST_WORDS + " letters.");
    }
    if (!dance.isEmpty() && coming.sections(dance).isEmpty()) {
      dances.danceable(named(dance));
    }
    return Optional.of(new RunningLine(kind, minutes, dance, words));
  }

  private long named(String dance) {
    return dances.all().stream()
        .filter(it -> Names.key(it.title()).equals(Names.key(dance)))
        .findFirst()
        .orElseThrow(() ->
            Problem.rejected(
                "No dance is called '"
                    + dance
                    + "', in the club or among what is taken; bring it first."))
        .id();
  }

  private Found look(Wanted wanted, GroupNames named) {
    Optional<ClassRow> there =
        named.find(wanted.group()).flatMap(it -> classes.on(it.id(), wanted.day()));
    if (there.isPresent()) {
      return isSame(there.get(), wanted)
          ? wanted.spot().same(wanted.title(), "")
          : wanted
              .spot()
              .conflict(wanted.title(), "There is a class on that day, which stays as it is.");
    }
    String note =
        wanted.lines().isEmpty()
            ? wanted.minutes() + " minutes, planned by the program"
            : wanted.lines().size() + " lines";
    return wanted.spot().fresh(wanted.title(), note, me -> take(wanted, me));
  }

  private boolean isSame(ClassRow row, Wanted wanted) {
    return wanted.lines().isEmpty() || lines(row).equals(wanted.lines());
  }

  private List<RunningLine> lines(ClassRow row) {
    return row.lines().stream()
        .map(it ->
            it.dance()
                .map(at -> new RunningLine(it.kind(), it.minutes(), dances.version(at).title(), ""))
                .orElseGet(() -> new RunningLine(it.kind(), it.minutes(), "", it.title())))
        .toList();
  }

  private Taken take(Wanted wanted, SignedIn me) {
    long group = GroupNames.now(groups, wanted.group()).id();
    if (wanted.lines().isEmpty()) {
      return added(classes.plan(group, wanted.day(), wanted.minutes(), me));
    }
    List<WantedLine> lines =
        wanted.lines().stream()
            .map(it ->
                new WantedLine(
                    LineRow.NEW,
                    it.minutes(),
                    it.kind(),
                    it.dance().isEmpty() ? Optional.empty() : Optional.of(named(it.dance())),
                    it.words()))
            .toList();
    return added(classes.with(group, wanted.day(), wanted.minutes(), lines, me));
  }

  private static Taken added(ClassRow row) {
    return Taken.added(row.id(), row.version());
  }

  /** An event with hours; empty where its name has no group in it and so it is no class. */
  private Optional<Found> event(EventsBrought.Event event, GroupNames named, Set<When> twice) {
    CalendarEvent of = event.event();
    if (of.hours().isEmpty()) {
      return Optional.empty();
    }
    Where spot = new Where(event.part(), of.line());
    List<GroupRow> meant =
        groups.all().stream()
            .filter(it -> Names.key(of.summary()).contains(Names.key(it.name())))
            .collect(Collectors.toList());
    String title = of.summary() + ", " + of.from();
    if (meant.size() != 1) {
      return Optional.of(
          spot.unreadable(
              title,
              meant.isEmpty()
                  ? "No group's name is in its name, so that it is no class; left."
                  : "More than one group's name is in its name."));
    }
    GroupRow group = meant.getFirst();
    if (of.cancelled()) {
      return Optional.of(spot.same(title, "It is called off in the calendar; left."));
    }
    int said = of.hours().map(CalendarEvent.Hours::minutes).orElse(0);
    boolean fits = said >= ClassRequest.LEAST_MINUTES && said <= ClassRequest.MOST_MINUTES;
    Wanted wanted =
        new Wanted(spot, group.name(), of.from(), fits ? said : group.minutes(), List.of());
    if (!twice.add(new When(Names.key(group.name()), of.from()))) {
      return Optional.of(spot.same(title, "This class stands in these files before."));
    }
    Found found = look(wanted, named);
    LocalDate now = today.date();
    boolean isOver = of.from().isBefore(now);
    return Optional.of(
        isOver && found.take().isPresent()
            ? spot.conflict(
                title,
                "It is over; what was danced in it goes into the record, not into a plan.",
                me -> take(wanted, me))
            : found);
  }

  @Override
  public Optional<String> undo(Taken taken, SignedIn me) {
    Optional<ClassRow> now = classes.find(taken.id());
    if (now.isEmpty()) {
      return Optional.empty();
    }
    if (now.get().recorded() || now.get().version() != taken.to()) {
      String group = groups.get(now.get().group()).name();
      return Optional.of(
          "the class of " + group + " on " + now.get().date() + " has been changed since");
    }
    classes.archive(taken.id(), taken.to(), me);
    return Optional.empty();
  }

  @Override
  public ClubTable table() {
    return ClubTable.CLASSES;
  }

  @Override
  public List<List<String>> rows() {
    Map<Long, GroupRow> known = groups.everKnown();
    return classes
        .between(today.date().minusWeeks(BACK_WEEKS), today.date().plusWeeks(AHEAD_WEEKS))
        .stream()
        .sorted(java.util.Comparator.comparing(ClassRow::date).thenComparingLong(ClassRow::group))
        .flatMap(row ->
            (row.lines().isEmpty() ? none() : lines(row))
                .stream()
                    .map(line ->
                        List.of(
                            Optional.ofNullable(known.get(row.group()))
                                .map(GroupRow::name)
                                .orElse(""),
                            row.date().toString(),
                            String.valueOf(row.minutes()),
                            line.minutes() == 0 ? "" : Cells.word(line.kind()),
                            line.minutes() == 0 ? "" : String.valueOf(line.minutes()),
                            line.dance(),
                            line.words())))
        .toList();
  }

  private static List<RunningLine> none() {
    return List.of(new RunningLine(ClassLine.Kind.PRACTICE, 0, "", ""));
  }
}
