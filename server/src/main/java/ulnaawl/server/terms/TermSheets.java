package ulnaawl.server.terms;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.learning.Evidence;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;
import ulnaawl.server.calendar.ClosedDays;
import ulnaawl.server.calendar.Closings;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.platform.Today;
import ulnaawl.server.terms.Planners.Ready;
import ulnaawl.server.terms.TermView.Clash;
import ulnaawl.server.terms.TermView.ClassCell;
import ulnaawl.server.terms.TermView.CourseBar;
import ulnaawl.server.terms.TermView.CourseReason;
import ulnaawl.server.terms.TermView.GroupColumn;
import ulnaawl.server.terms.TermView.HappenedLine;
import ulnaawl.server.terms.TermView.Knot;
import ulnaawl.server.terms.TermView.RuleLine;
import ulnaawl.server.terms.TermView.SlipLine;
import ulnaawl.server.terms.TermView.TermSheet;
import ulnaawl.server.wire.ClubPerson;
import ulnaawl.term.ClassOn;
import ulnaawl.term.Course;
import ulnaawl.term.TermDance;
import ulnaawl.term.TermGroup;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermPlan;
import ulnaawl.term.TermProblem;
import ulnaawl.term.TermValue;
import ulnaawl.term.solve.TermPlanner.Planned;
import ulnaawl.term.words.TermSpeech;

/** Terms as they are shown. */
@Component
@RequiredArgsConstructor
class TermSheets {

  private final Terms terms;
  private final Planners planners;
  private final PeopleNames names;
  private final GroupService groups;
  private final Standings standings;
  private final ClosedDays closed;
  private final Today today;

  /** The words for a term. */
  TermSpeech speech(TermProblem problem) {
    Map<Long, String> groupNames =
        problem.groups().stream().collect(Collectors.toMap(TermGroup::id, TermGroup::name));
    Map<Long, String> titles =
        problem.dances().stream().collect(Collectors.toMap(it -> it.id(), it -> it.title()));
    return TermSpeech.english(
        new TermSpeech.Names() {
          @Override
          public String group(long id) {
            return groupNames.getOrDefault(id, "a group");
          }

          @Override
          public String dance(long id) {
            return titles.getOrDefault(id, "a dance");
          }

          @Override
          public String leader(long id) {
            return names.of(new PersonId(id));
          }
        });
  }

  TermSheet sheet(TermRow term) {
    Ready ready = planners.of(term);
    TermProblem problem = ready.problem();
    Planned planned = ready.planner().look(term.plan());
    TermSpeech speech = speech(problem);
    TermValue value = planned.value();
    return new TermSheet(
        term.id(),
        term.name(),
        term.from(),
        term.to(),
        term.social().orElse(null),
        term.version(),
        today.date(),
        weeks(term),
        problem.groups().stream().map(it -> column(term, it, planned)).toList(),
        planned.courses().stream().map(it -> bar(it, term.plan(), value, speech)).toList(),
        value.brokenRules().stream().map(it -> clash(it, term.plan(), speech)).toList(),
        terms.slips(term.id(), planned.courses()).stream()
            .map(it -> new SlipLine(it.promise().group(), it.promise().dance(), speech.slip(it)))
            .toList(),
        value.points(),
        value.byRule().entrySet().stream()
            .filter(it -> !it.getKey().isHard())
            .map(it -> new RuleLine(speech.rule(it.getKey()), it.getValue()))
            .sorted(Comparator.comparingLong(RuleLine::points).reversed())
            .toList(),
        leaders(problem));
  }

  private static List<ClubPerson> leaders(TermProblem problem) {
    return problem.groups().stream()
        .flatMap(it -> it.classes().stream())
        .flatMap(it -> it.leaders().stream())
        .distinct()
        .map(it -> new ClubPerson(it.id(), it.name()))
        .sorted(Comparator.comparing(ClubPerson::name))
        .toList();
  }

  private static List<LocalDate> weeks(TermRow term) {
    return Stream.iterate(
            TermProblems.monday(term.from()), it -> !it.isAfter(term.to()), it -> it.plusWeeks(1))
        .toList();
  }

  private GroupColumn column(TermRow term, TermGroup group, Planned planned) {
    GroupRow row = groups.get(group.id());
    Closings closings = closed.now();
    Map<LocalDate, ClassOn> classes =
        group.classes().stream().collect(Collectors.toMap(ClassOn::date, Function.identity()));
    Map<LocalDate, List<HappenedLine>> happened = happened(term, group.id());
    List<ClassCell> cells = new ArrayList<>();
    LocalDate date = TermProblems.monday(term.from()).plusDays(row.weekday().getValue() - 1L);
    for (int week = 1; !date.isAfter(term.to()); week++, date = date.plusWeeks(1)) {
      LocalDate on = date;
      Optional<ClassOn> at = Optional.ofNullable(classes.get(on));
      String why =
          closings
              .on(group.id(), on)
              .map(it -> it.note().isEmpty() ? "closed" : it.note())
              .orElse(at.isPresent() ? "" : "not in the term");
      cells.add(
          new ClassCell(
              on,
              week,
              at.isPresent() ? "" : why,
              at.filter(ClassOn::held).isPresent(),
              minutes(planned, group.id(), on),
              at.map(ClassOn::danceMinutes).orElse(0),
              planned.plan().led(group.id(), on).map(TermPlan.Led::leader).orElse(null),
              happened.getOrDefault(on, List.of())));
    }
    TermRow.InTerm in =
        term.groups().stream().filter(it -> it.group() == group.id()).findFirst().orElseThrow();
    return new GroupColumn(
        group.id(), group.name(), group.level(), in.mostNew(), in.social(), cells);
  }

  private static int minutes(Planned planned, long group, LocalDate on) {
    return planned.courses().stream()
        .filter(it -> it.group() == group)
        .flatMap(it -> it.appearances().stream())
        .filter(it -> it.at().date().equals(on))
        .mapToInt(it -> it.minutes())
        .sum();
  }

  private Map<LocalDate, List<HappenedLine>> happened(TermRow term, long group) {
    record On(LocalDate date, HappenedLine line) {}
    return standings.of(group, today.date()).stream()
        .flatMap(one ->
            one.evidence().stream()
                .filter(it -> !it.date().isBefore(term.from()) && !it.date().isAfter(term.to()))
                .sorted(Comparator.comparing(Evidence::happened))
                .map(it ->
                    new On(
                        it.date(),
                        new HappenedLine(
                            one.row().id(), one.row().title(), it.happened(), it.outcome()))))
        .collect(
            Collectors.groupingBy(On::date, Collectors.mapping(On::line, Collectors.toList())));
  }

  private static CourseBar bar(Course course, TermPlan plan, TermValue value, TermSpeech speech) {
    long dance = course.dance().id();
    return new CourseBar(
        course.group(),
        dance,
        course.dance().title(),
        course.kind(),
        course.first().date(),
        plan.start(course.group(), dance).map(TermPlan.Start::stays).orElse(false),
        course.known().orElse(null),
        course.appearances().stream()
            .map(it -> new Knot(it.at().date(), it.at().week(), it.happened(), it.minutes()))
            .toList(),
        value.matches().stream()
            .filter(it -> it.isOf(course.group(), dance))
            .sorted(Comparator.comparingLong(TermMatch::points).reversed())
            .map(it -> new CourseReason(speech.match(it), it.points()))
            .toList());
  }

  private static Clash clash(TermMatch match, TermPlan plan, TermSpeech speech) {
    return new Clash(
        match.group(),
        match.classes().stream().findFirst().map(ClassOn::date).orElse(null),
        speech.match(match),
        match.dances().stream()
            .map(TermDance::id)
            .filter(it -> plan.start(match.group(), it).map(TermPlan.Start::stays).orElse(false))
            .toList());
  }
}
