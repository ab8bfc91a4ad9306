package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.OrderValue;
import ulnaawl.plan.PlanReason;
import ulnaawl.server.classes.ClassController.BestOrderView;
import ulnaawl.server.classes.ClassController.ValueView;
import ulnaawl.server.classes.RunningOrders.Around;
import ulnaawl.server.classes.RunningOrders.Planned;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.EntryDetails;
import ulnaawl.server.learning.EntryRow;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.platform.Today;
import ulnaawl.server.teaching.SavedTeaches;
import ulnaawl.server.teaching.TeachOf;
import ulnaawl.server.wire.Reasons;
import ulnaawl.words.Speech;

/** Classes as they are shown: lines with their start, reasons in words, what was written down. */
@Component
@RequiredArgsConstructor
class ClassSheets {

  private static final int RECENT = 12;

  private final ClassService classes;
  private final Catalog catalog;
  private final RunningOrders orders;
  private final GroupService groups;
  private final RecordService record;
  private final SavedTeaches teaches;
  private final Reasons reasons;
  private final Speech speech;
  private final Today today;

  /** What is coming and what has been. */
  Agenda agenda() {
    Map<Long, ClassRow> next = classes.next();
    List<ClassRow> recent = classes.recorded(RECENT);
    Map<Long, List<EntryRow>> written =
        record.ofClasses(recent.stream().map(ClassRow::id).toList()).stream()
            .collect(Collectors.groupingBy(row -> row.classId().orElse(0L)));
    List<Agenda.Coming> coming = new ArrayList<>();
    Map<TeachOf, PersonId> teachBy = teaches.savedBy();
    Map<Long, GroupRow> byId = groups.everKnown();
    Map<Long, LocalDate> free = classes.nextDates();
    for (GroupRow group : groups.all()) {
      Optional<ClassRow> planned = Optional.ofNullable(next.get(group.id()));
      coming.add(
          new Agenda.Coming(
              group.id(),
              group.name(),
              group.level(),
              group.startsAt(),
              group.place(),
              group.minutes(),
              planned.map(ClassRow::date).orElseGet(() -> free.get(group.id())),
              planned.map(row -> sheet(row, group, List.of(), teachBy)).orElse(null)));
    }
    coming.sort(
        Comparator.comparing(Agenda.Coming::nextDate).thenComparing(Agenda.Coming::startsAt));
    return new Agenda(
        today.date(),
        coming,
        recent.stream()
            .flatMap(row ->
                Optional.ofNullable(byId.get(row.group()))
                    .map(group ->
                        sheet(row, group, written.getOrDefault(row.id(), List.of()), teachBy))
                    .stream())
            .toList());
  }

  /** A class as it is now, with what was written down. */
  ClassSheet sheet(ClassRow row) {
    return sheet(
        row,
        groups.get(row.group()),
        row.recorded() ? record.ofClasses(List.of(row.id())) : List.of(),
        teaches.savedBy());
  }

  private ClassSheet sheet(
      ClassRow row, GroupRow group, List<EntryRow> written, Map<TeachOf, PersonId> teachBy) {
    List<ClassSheet.LineView> lines = lines(row.lines(), group, teachBy);
    return new ClassSheet(
        row.id(),
        group.id(),
        group.name(),
        group.level(),
        row.date(),
        group.startsAt(),
        group.place(),
        row.minutes(),
        row.lines().stream().mapToInt(LineRow::minutes).sum(),
        row.recorded(),
        !row.recorded() && row.hasBegun(today.date()),
        row.note(),
        row.recordedBy().orElse(null),
        row.ledBy().orElse(null),
        row.version(),
        lines,
        written.stream().map(one -> written(row, one)).toList());
  }

  /** What a class is worth as it stands, beside the best one. */
  ValueView value(ClassRow row) {
    GroupRow group = groups.get(row.group());
    OrderValue value = orders.value(row, group);
    Planned best = orders.around(row, group, new Around(row.minutes(), Set.of(), Set.of()));
    List<String> titles = row.lines().stream().map(LineRow::title).toList();
    return new ValueView(
        value.points(),
        best.points(),
        value.each(),
        value.broken().stream().map(it -> speech.plan().broken(it, titles)).toList());
  }

  /** A running order that could be taken. */
  BestOrderView proposal(ClassRow row, Around around) {
    GroupRow group = groups.active(row.group());
    Planned planned = orders.around(row, group, around);
    return new BestOrderView(
        planned.points(),
        planned.gap(),
        orders.value(row, group).points(),
        lines(planned.lines(), group, teaches.savedBy()));
  }

  private List<ClassSheet.LineView> lines(
      List<LineRow> rows, GroupRow group, Map<TeachOf, PersonId> teachBy) {
    List<ClassSheet.LineView> lines = new ArrayList<>();
    int start = 0;
    Map<Long, Integer> efforts = catalog.efforts();
    for (LineRow line : rows) {
      Optional<Long> dance = line.dance().map(DanceVersion::dance);
      OptionalInt effort =
          dance.map(efforts::get).map(OptionalInt::of).orElseGet(OptionalInt::empty);
      lines.add(
          new ClassSheet.LineView(
              line.id(),
              start,
              line.minutes(),
              line.kind(),
              dance.orElse(null),
              line.title(),
              ClassLine.effort(line.kind(), effort),
              reasons.views(
                  line.reasons(), (PlanReason it) -> speech.plan().reason(it, today.date())),
              line.changedBy().orElse(null),
              line.changedAt().orElse(null),
              line.kind() == Kind.TEACH
                  ? dance.map(it -> teachBy.get(new TeachOf(group.id(), it))).orElse(null)
                  : null));
      start += line.minutes();
    }
    return lines;
  }

  private static ClassSheet.EntryOfClass written(ClassRow row, EntryRow one) {
    String title =
        row.lines().stream()
            .filter(line -> line.isOf(Optional.of(one.at().dance())))
            .map(LineRow::title)
            .findFirst()
            .orElse("A dance");
    return new ClassSheet.EntryOfClass(
        one.at().dance(),
        title,
        one.happened(),
        one.shown().orElse(null),
        one.outcome(),
        one.note(),
        one.by(),
        EntryDetails.of(one.details()));
  }
}
