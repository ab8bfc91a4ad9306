package ulnaawl.server.learning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.dance.SectionSet;
import ulnaawl.formats.table.Cells;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.formats.table.DayHabit;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PeopleNames;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.DanceVersion;
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
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.ClubDays;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** The record of learning in tables: what happened with a dance in a group on a day, a row each. */
@Component
@RequiredArgsConstructor
class RecordIn implements Incoming, Outgoing {

  private static final int FULL = 100;
  private static final int MOST_MINUTES = 240;
  private static final int LONGEST_NOTE = 500;
  private static final int LONGEST_OPTIONS = 200;

  private final GroupService groups;
  private final PeopleService people;
  private final PeopleNames names;
  private final RecordService record;
  private final DanceService dances;
  private final Today today;
  private final ClubDays days;

  @Override
  public Kind kind() {
    return Kind.RECORD;
  }

  /** What one would not write down twice. */
  private record Same(String group, String dance, LocalDate day, Happened happened) {}

  /** What is known while one looks. */
  private record Around(
      GroupNames groups, Map<String, DanceRow> dances, Set<Same> there, Coming coming) {}

  @Override
  public List<Found> look(Brought brought, Coming coming) {
    List<Found> found = new ArrayList<>();
    Map<String, DanceRow> titles = new HashMap<>();
    dances.all().forEach(it -> titles.put(Names.key(it.title()), it));
    Around around = new Around(new GroupNames(groups, coming), titles, there(), coming);
    Map<Integer, DayHabit> habits = new HashMap<>();
    found.addAll(
        brought.rows(
            ClubTable.RECORD,
            row -> {
              DayHabit habit =
                  habits.computeIfAbsent(
                      row.spot().part(), _ -> DayHabit.of(row.table().column("date")));
              return look(row, habit, around);
            }));
    return found;
  }

  private Set<Same> there() {
    Set<Same> all = new HashSet<>();
    Map<Long, String> titles = new HashMap<>();
    dances.all().forEach(it -> titles.put(it.id(), it.title()));
    for (GroupRow group : groups.all()) {
      for (EntryRow row : record.of(group.id())) {
        Optional.ofNullable(titles.get(row.at().dance()))
            .ifPresent(it -> all.add(same(group.name(), it, row.date(), row.happened())));
      }
    }
    return all;
  }

  private static Same same(String group, String dance, LocalDate day, Happened happened) {
    return new Same(Names.key(group), Names.key(dance), day, happened);
  }

  private Found look(Brought.TableRow row, DayHabit habit, Around around) {
    Where spot = row.spot();
    String group = Names.clean(row.cell("group"));
    String dance = Names.clean(row.cell("dance"));
    String title = group + ": " + dance;
    Optional<String> unknown = around.groups().whyNot(group);
    if (unknown.isPresent()) {
      return spot.unreadable(title, unknown.get());
    }
    Optional<Integer> sections = sections(dance, around);
    if (sections.isEmpty()) {
      return spot.unreadable(
          title,
          "No dance that can be danced is called '"
              + dance
              + "', in the club or in these files; bring it first.");
    }
    Optional<LocalDate> day = habit.read(row.cell("date"));
    if (day.isEmpty()) {
      return spot.unreadable(title, DayHabit.whyNot(row.cell("date")) + ".");
    }
    Optional<String> whyNot = days.whyNot(day.get());
    if (whyNot.isPresent()) {
      return spot.unreadable(title, "It was not then: " + whyNot.get() + ".");
    }
    if (day.get().isAfter(today.date())) {
      return spot.unreadable(title, day.get() + " is still to come; the record is of what was.");
    }
    Optional<Happened> happened = Cells.read(Happened.class, row.cell("happened"));
    if (happened.isEmpty()) {
      return spot.unreadable(
          title, "'" + row.cell("happened") + "' is none of: " + Cells.words(Happened.class) + ".");
    }
    String outcome = row.cell("outcome").isEmpty() ? ", solid, as nothing else is said" : "";
    String note = day.get() + ", " + Cells.word(happened.get()) + outcome;
    Rest draft;
    try {
      draft = draft(row, sections.get(), happened.get());
    } catch (Problem problem) {
      return spot.unreadable(title, String.valueOf(problem.getMessage()));
    }
    if (!around.there().add(same(group, dance, day.get(), happened.get()))) {
      return spot.same(title, note + ", is in the record already");
    }
    return spot.fresh(title, note, me -> take(group, dance, day.get(), happened.get(), draft, me));
  }

  private Optional<Integer> sections(String dance, Around around) {
    Optional<Integer> coming = around.coming().sections(dance);
    if (coming.isPresent()) {
      return coming;
    }
    return Optional.ofNullable(around.dances().get(Names.key(dance)))
        .flatMap(it -> {
          try {
            return Optional.of(dances.danceable(it.id()).sections());
          } catch (Problem unsound) {
            return Optional.empty();
          }
        });
  }

  /** What else a row says. */
  private record Rest(SectionSet shown, Outcome outcome, String note, EntryRow.Details details) {}

  private Rest draft(Brought.TableRow row, int sections, Happened happened) {
    SectionSet shown = shown(row.cell("sections"));
    if (!SectionSet.upTo(sections).containsAll(shown)) {
      throw Problem.rejected(
          "The dance has sections 1 to " + sections + ", not " + shown.label() + ".");
    }
    if (!happened.isWhole() && shown.isEmpty()) {
      throw Problem.rejected("Say which sections were shown, as 1-2.");
    }
    Outcome outcome =
        row.cell("outcome").isEmpty()
            ? Outcome.SOLID
            : Cells.read(Outcome.class, row.cell("outcome"))
                .orElseThrow(() ->
                    Problem.rejected(
                        "'"
                            + row.cell("outcome")
                            + "' is none of: "
                            + Cells.words(Outcome.class)
                            + "."));
    String note = row.cell("note");
    if (note.length() > LONGEST_NOTE || row.cell("options").length() > LONGEST_OPTIONS) {
      throw Problem.rejected(
          "A note has up to " + LONGEST_NOTE + " letters, options up to " + LONGEST_OPTIONS + ".");
    }
    String ledBy = row.cell("led by");
    return new Rest(
        happened.isWhole() ? SectionSet.NONE : shown,
        outcome,
        note,
        new EntryRow.Details(
            Map.of(),
            number(row, "speed", FULL),
            number(row, "minutes", MOST_MINUTES),
            row.cell("options"),
            ledBy.isEmpty() ? Optional.empty() : Optional.of(people.leaderNamed(ledBy)),
            false));
  }

  private static SectionSet shown(String cell) {
    if (cell.isEmpty()) {
      return SectionSet.NONE;
    }
    if (!cell.matches("\\d{1,3}(\\s*-\\s*\\d{1,3})?(\\s*,\\s*\\d{1,3}(\\s*-\\s*\\d{1,3})?)*")) {
      throw Problem.rejected("'" + cell + "' are no sections; write 1-3 or 1, 4.");
    }
    try {
      return SectionSet.parse(cell.replaceAll("\\s", ""));
    } catch (IllegalArgumentException wrongWay) {
      throw Problem.rejected("'" + cell + "' are no sections; write 1-3 or 1, 4.");
    }
  }

  private static Optional<Integer> number(Brought.TableRow row, String column, int most) {
    if (row.cell(column).isEmpty()) {
      return Optional.empty();
    }
    Optional<Integer> number = Cells.number(row.cell(column).replace("%", ""), 0, 1, most);
    if (number.isEmpty()) {
      throw Problem.rejected(
          column + " is a number from 1 to " + most + ", not '" + row.cell(column) + "'.");
    }
    return number;
  }

  private Taken take(
      String group, String dance, LocalDate day, Happened happened, Rest draft, SignedIn me) {
    long to = GroupNames.now(groups, group).id();
    long of =
        dances.all().stream()
            .filter(it -> Names.key(it.title()).equals(Names.key(dance)))
            .findFirst()
            .orElseThrow(() -> Problem.rejected("No dance is called '" + dance + "'; take it too."))
            .id();
    RecordService.Entry entry =
        new RecordService.Entry(
            of, day, happened, draft.shown(), draft.outcome(), draft.note(), draft.details());
    return Taken.added(record.record(to, Optional.empty(), entry, me), 0);
  }

  @Override
  public Optional<String> undo(Taken taken, SignedIn me) {
    record.withdrawAnywhere(taken.id(), me);
    return Optional.empty();
  }

  @Override
  public ClubTable table() {
    return ClubTable.RECORD;
  }

  @Override
  public List<List<String>> rows() {
    Map<DanceVersion, String> titles = new HashMap<>();
    return groups.all().stream()
        .flatMap(group ->
            record.of(group.id()).stream()
                .map(it ->
                    row(
                        group,
                        titles.computeIfAbsent(it.at(), at -> dances.version(at).title()),
                        it)))
        .toList();
  }

  private List<String> row(GroupRow group, String dance, EntryRow row) {
    EntryRow.Details details = row.details();
    return List.of(
        group.name(),
        row.date().toString(),
        dance,
        Cells.word(row.happened()),
        row.shown().map(SectionSet::label).orElse(""),
        Cells.word(row.outcome()),
        details.percent().map(String::valueOf).orElse(""),
        details.minutes().map(String::valueOf).orElse(""),
        details.options(),
        names.of(row.leader()),
        row.note());
  }
}
