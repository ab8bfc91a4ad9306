package ulnaawl.server.feeds;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.formats.calendar.CalendarClass;
import ulnaawl.learning.ClassDays;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;
import ulnaawl.server.calendar.ClosedDays;
import ulnaawl.server.calendar.ClosedRow;
import ulnaawl.server.calendar.Closings;
import ulnaawl.server.classes.ClassRow;
import ulnaawl.server.classes.ClassService;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.terms.PlannedLeaders;

/** The classes of some weeks, planned or not, closed days among them. */
@Component
@RequiredArgsConstructor
class ClassDates {

  private static final int WEEKS_BACK = 6;
  private static final int WEEKS_AHEAD = 26;

  private final ClassService classes;
  private final GroupService groups;
  private final ClosedDays closed;
  private final PeopleService people;
  private final PlannedLeaders leaders;
  private final PeopleNames names;
  private final Today today;

  /** What a calendar is called. */
  String name(CalendarLink link) {
    return switch (link.kind()) {
      case MINE -> "Classes of " + leader(link);
      case GROUP -> link.group().map(it -> groups.get(it).name()).orElse("");
      case CLUB -> "Classes of the club";
    };
  }

  private Person leader(CalendarLink link) {
    return people
        .find(link.person())
        .orElseThrow(() -> Problem.gone("This calendar is not open any more."));
  }

  /** Its classes, the first ones first. */
  List<CalendarClass> of(CalendarLink link) {
    LocalDate from = today.date().minusWeeks(WEEKS_BACK);
    LocalDate to = today.date().plusWeeks(WEEKS_AHEAD);
    Closings closings = closed.now();
    Optional<PersonId> leader =
        link.kind() == CalendarKind.MINE ? Optional.of(leader(link).person()) : Optional.empty();
    List<ClassRow> rows = classes.between(from, to);
    PlannedLeaders.AtOnce planned = leaders.now();
    List<CalendarClass> found = new ArrayList<>();
    for (GroupRow group : groups.all()) {
      if (link.group().isPresent() && link.group().get() != group.id()) {
        continue;
      }
      Map<LocalDate, ClassRow> there =
          rows.stream()
              .filter(it -> it.group() == group.id())
              .collect(Collectors.toMap(ClassRow::date, Function.identity()));
      there.values().stream()
          .filter(it -> isOf(leader, leads(group, it.date(), Optional.of(it), planned)))
          .map(it -> entry(link, group, it.date(), Optional.of(it), planned, closings))
          .forEach(found::add);
      new ClassDays(group.weekday(), Set.of())
          .between(today.date(), to)
          .filter(it -> !there.containsKey(it))
          .filter(it -> isOf(leader, leads(group, it, Optional.empty(), planned)))
          .map(it -> entry(link, group, it, Optional.empty(), planned, closings))
          .forEach(found::add);
    }
    return found.stream().sorted(Comparator.comparing(CalendarClass::start)).toList();
  }

  private static boolean isOf(Optional<PersonId> wanted, Optional<PersonId> leads) {
    return wanted.isEmpty() || wanted.equals(leads);
  }

  /** Who leads: whom the class says, else whom the term has for it. */
  private static Optional<PersonId> leads(
      GroupRow group, LocalDate date, Optional<ClassRow> row, PlannedLeaders.AtOnce planned) {
    return row.flatMap(ClassRow::ledBy)
        .or(() ->
            row.filter(ClassRow::recorded).isPresent()
                ? Optional.empty()
                : planned.of(group.id(), date));
  }

  private CalendarClass entry(
      CalendarLink link,
      GroupRow group,
      LocalDate date,
      Optional<ClassRow> row,
      PlannedLeaders.AtOnce planned,
      Closings closings) {
    Optional<ClosedRow> closing =
        row.filter(ClassRow::recorded).isPresent()
            ? Optional.empty()
            : closings.on(group.id(), date);
    String led = leads(group, date, row, planned).map(it -> "Led by " + names.of(it)).orElse("");
    String why = closing.map(it -> it.note().isEmpty() ? "Closed" : it.note()).orElse("");
    return new CalendarClass(
        "class-" + group.id() + "-" + date + "-of-" + link.id() + "-" + stamp(link.at()),
        date.atTime(group.startsAt()).atZone(today.zone()),
        row.map(ClassRow::minutes).orElse(group.minutes()),
        closing.isPresent() ? group.name() + ": no class" : group.name(),
        group.place(),
        closing.isPresent() ? why : led,
        closing.isPresent(),
        row.map(ClassRow::version).orElse(0) + (closing.isPresent() ? 1 : 0));
  }

  /** Tells the calendars of two clubs apart. */
  private static String stamp(LocalDateTime made) {
    return made.toString().replaceAll("[^0-9]", "");
  }
}
