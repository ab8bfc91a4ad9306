package ulnaawl.server.terms;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.plan.Frame;
import ulnaawl.server.access.Ability;
import ulnaawl.server.calendar.Away;
import ulnaawl.server.calendar.AwayRow;
import ulnaawl.server.calendar.ClosedDays;
import ulnaawl.server.calendar.Closings;
import ulnaawl.server.calendar.Themes;
import ulnaawl.server.classes.ClassRow;
import ulnaawl.server.classes.ClassService;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.Today;
import ulnaawl.server.requests.RequestRow;
import ulnaawl.server.requests.Requests;
import ulnaawl.term.Begun;
import ulnaawl.term.ClassOn;
import ulnaawl.term.Leader;
import ulnaawl.term.TermDance;
import ulnaawl.term.TermGroup;
import ulnaawl.term.TermProblem;
import ulnaawl.term.Wish;

/** What is to be planned in a term, as the club stands today. */
@Component
@RequiredArgsConstructor
class TermProblems {

  private static final int LAST_CLASSES = 8;

  private final GroupService groups;
  private final RecordService record;
  private final ClassService classes;
  private final ClosedDays closed;
  private final Away away;
  private final PeopleService people;
  private final Standings standings;
  private final Requests requests;
  private final Themes themes;
  private final DanceReader reader;
  private final Today today;

  /** The first day that is planned: today, or the first one of a term that is still to come. */
  LocalDate firstDay(TermRow term) {
    return term.from().isAfter(today.date()) ? term.from() : today.date();
  }

  TermProblem of(TermRow term) {
    LocalDate day = firstDay(term);
    Map<Long, Set<String>> tags = themes.tags();
    List<GroupRow> rows =
        groups.all().stream()
            .filter(it -> term.groups().stream().anyMatch(in -> in.group() == it.id()))
            .toList();
    List<TermDance> dances =
        rows.stream()
            .findFirst()
            .map(it ->
                standings.of(it.id(), day).stream()
                    .filter(one -> !one.row().archived() && one.dance().sound())
                    .map(one ->
                        new TermDance(
                            one.row().id(),
                            one.dance().facts(),
                            one.dance().listing().walls(),
                            tags.getOrDefault(one.row().id(), Set.of())))
                    .toList())
            .orElse(List.of());
    List<Leader> leaders = leaders(dances);
    List<TermGroup> planned = new ArrayList<>();
    List<Begun> begun = new ArrayList<>();
    List<Wish> wishes = new ArrayList<>();
    for (GroupRow row : rows) {
      List<GroupDance> known = standings.of(row.id(), day);
      planned.add(group(term, row, known, leaders));
      known.stream()
          .filter(it -> it.standing().stage() != Stage.NOT_STARTED)
          .map(it -> new Begun(row.id(), it.row().id(), it.standing(), it.evidence()))
          .forEach(begun::add);
      requests.of(row.id()).stream()
          .filter(Requests.Asked::isOpen)
          .map(Requests.Asked::row)
          .collect(
              Collectors.groupingBy(RequestRow::dance, Collectors.summingInt(RequestRow::people)))
          .forEach((dance, times) -> wishes.add(new Wish(row.id(), dance, times)));
    }
    return new TermProblem(
        planned,
        dances,
        reader.book(),
        begun,
        wishes,
        themes.all(),
        term.social(),
        Optional.empty());
  }

  private List<Leader> leaders(List<TermDance> dances) {
    Set<Long> all = dances.stream().map(TermDance::id).collect(Collectors.toSet());
    return people.everybody().stream()
        .filter(it -> it.signedIn().may(Ability.LEAD))
        .map(it ->
            Leader.of(
                it.id(),
                it.name(),
                it.signedIn().may(Ability.EVERY_CLASS),
                record.ledBy(it.person()),
                all))
        .toList();
  }

  private TermGroup group(
      TermRow term, GroupRow row, List<GroupDance> known, List<Leader> leaders) {
    TermRow.InTerm in =
        term.groups().stream().filter(it -> it.group() == row.id()).findFirst().orElseThrow();
    List<LocalDate> first =
        known.stream()
            .flatMap(
                it -> it.evidence().stream().map(Evidence::date).min(LocalDate::compareTo).stream())
            .toList();
    return new TermGroup(
        row.id(),
        row.name(),
        row.level(),
        TermGroup.newLeft(in.mostNew(), term.from(), first),
        Standings.figuresMet(known),
        classes(term, row, leaders),
        in.social());
  }

  private List<ClassOn> classes(TermRow term, GroupRow row, List<Leader> leaders) {
    Closings closings = closed.now();
    Map<LocalDate, ClassRow> rows =
        classes.between(term.from(), term.to()).stream()
            .filter(it -> it.group() == row.id())
            .collect(Collectors.toMap(ClassRow::date, it -> it));
    Optional<Leader> usual = Leader.usual(lastLed(row.id())).flatMap(it -> known(leaders, it));
    List<AwayRow> gone = away.coming();
    List<ClassOn> found = new ArrayList<>();
    for (LocalDate date :
        closings.daysOf(row.id(), row.weekday()).between(term.from(), term.to()).toList()) {
      Optional<ClassRow> at = Optional.ofNullable(rows.get(date));
      boolean held = date.isBefore(today.date()) || at.filter(ClassRow::recorded).isPresent();
      int minutes = at.map(ClassRow::minutes).orElse(row.minutes());
      Optional<Leader> settled = at.flatMap(ClassRow::ledBy).flatMap(it -> known(leaders, it));
      List<Leader> could =
          settled
              .map(List::of)
              .orElseGet(() -> leaders.stream().filter(it -> isThere(gone, it, date)).toList());
      found.add(
          new ClassOn(
              row.id(),
              found.size(),
              (int) (ChronoUnit.DAYS.between(monday(term.from()), date) / 7) + 1,
              date,
              row.startsAt(),
              minutes,
              new Frame(minutes, row.level()).danceMinutes(),
              held,
              could,
              settled.or(() -> usual).filter(could::contains)));
    }
    return found;
  }

  /** Who led the last classes of a group, the newest first. */
  private List<PersonId> lastLed(long group) {
    NavigableMap<LocalDate, PersonId> led = new TreeMap<>();
    record.of(group).forEach(it -> led.put(it.date(), it.leader()));
    return led.descendingMap().values().stream().limit(LAST_CLASSES).toList();
  }

  static LocalDate monday(LocalDate day) {
    return day.minusDays(day.getDayOfWeek().getValue() - 1L);
  }

  private static boolean isThere(List<AwayRow> gone, Leader leader, LocalDate date) {
    return gone.stream().noneMatch(it -> it.person() == leader.id() && it.has(date));
  }

  private static Optional<Leader> known(List<Leader> leaders, PersonId person) {
    return leaders.stream().filter(it -> it.id() == person.number()).findFirst();
  }
}
