package ulnaawl.server.handover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import ulnaawl.dance.SectionSet;
import ulnaawl.handover.Brief;
import ulnaawl.handover.DanceBrief;
import ulnaawl.handover.PastClass;
import ulnaawl.learning.Attendance;
import ulnaawl.learning.Register;
import ulnaawl.people.PersonId;
import ulnaawl.server.classes.ClassNotes;
import ulnaawl.server.classes.ClassRow;
import ulnaawl.server.classes.LineRow;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.learning.EntryRow;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.platform.Today;
import ulnaawl.server.register.Registers;
import ulnaawl.server.requests.Requests;
import ulnaawl.server.teaching.TeachingService;
import ulnaawl.wall.EventId;
import ulnaawl.wall.Wall;

/** Gathers what whoever takes a class has to know. */
@Service
@RequiredArgsConstructor
public class Briefs {

  private final RecordService record;
  private final Standings standings;
  private final Registers registers;
  private final Requests requests;
  private final TeachingService teaching;
  private final DanceReader reader;
  private final ClassNotes notes;
  private final Today today;

  /** The brief of a class for somebody. */
  Brief of(ClassRow row, PersonId who) {
    List<GroupDance> all = standings.of(row.group(), today.date());
    Map<Long, GroupDance> byId =
        all.stream().collect(Collectors.toMap(it -> it.row().id(), it -> it));
    List<EntryRow> entries = record.of(row.group());
    return Brief.of(
        who,
        row.date(),
        held(row.group(), entries, byId),
        row.lines().stream()
            .map(it -> new Brief.Planned(it.kind(), it.minutes(), it.title()))
            .toList(),
        dances(row, byId, entries),
        requests.of(row.group()).stream()
            .filter(Requests.Asked::isOpen)
            .map(Requests.Asked::row)
            .map(it -> new Brief.Wish(title(it.dance(), byId), it.askedBy(), it.askedOn()))
            .toList());
  }

  private List<PastClass> held(long group, List<EntryRow> record, Map<Long, GroupDance> byId) {
    Map<LocalDate, Attendance> attendance = registers.attendance(group);
    Map<Long, String> names = registers.names(group);
    Set<Long> regulars = new Register(attendance).regulars(today.date());
    Map<LocalDate, String> said = notes.of(group);
    Map<LocalDate, List<EntryRow>> byDay =
        record.stream()
            .collect(Collectors.groupingBy(EntryRow::date, TreeMap::new, Collectors.toList()));
    List<PastClass> held = new ArrayList<>();
    byDay.forEach((day, rows) -> {
      List<String> missing =
          attendance.get(day) instanceof Attendance.ByName there
              ? regulars.stream()
                  .filter(it -> !there.there().contains(it))
                  .map(it -> names.getOrDefault(it, ""))
                  .filter(it -> !it.isEmpty())
                  .sorted()
                  .toList()
              : List.of();
      held.add(
          new PastClass(
              day,
              rows.getFirst().leader(),
              rows.stream().map(one -> done(one, byId)).toList(),
              missing,
              said.getOrDefault(day, "")));
    });
    return held;
  }

  private static PastClass.Done done(EntryRow row, Map<Long, GroupDance> byId) {
    Optional<GroupDance> dance = Optional.ofNullable(byId.get(row.at().dance()));
    int all = dance.map(it -> it.dance().sections()).orElse(0);
    return new PastClass.Done(
        row.at().dance(),
        title(row.at().dance(), byId),
        row.happened(),
        row.shown().orElse(SectionSet.upTo(all)),
        all,
        row.outcome(),
        row.note());
  }

  private static String title(long dance, Map<Long, GroupDance> byId) {
    return Optional.ofNullable(byId.get(dance)).map(it -> it.row().title()).orElse("A dance");
  }

  private List<DanceBrief> dances(ClassRow row, Map<Long, GroupDance> byId, List<EntryRow> record) {
    Map<Long, List<LineRow>> lines = new LinkedHashMap<>();
    for (LineRow line : row.lines()) {
      line.dance()
          .map(DanceVersion::dance)
          .filter(byId::containsKey)
          .ifPresent(it -> lines.computeIfAbsent(it, _ -> new ArrayList<>()).add(line));
    }
    List<DanceBrief> briefs = new ArrayList<>();
    lines.forEach((id, of) -> {
      List<EntryRow> own =
          record.stream()
              .filter(it -> it.at().dance() == id)
              .sorted(Comparator.comparing(EntryRow::date).reversed())
              .toList();
      Optional.ofNullable(byId.get(id)).ifPresent(it -> briefs.add(brief(it, of, own)));
    });
    return briefs;
  }

  private DanceBrief brief(GroupDance dance, List<LineRow> lines, List<EntryRow> own) {
    return new DanceBrief(
        dance.row().id(),
        dance.row().title(),
        lines.stream().map(LineRow::kind).distinct().toList(),
        lines.stream().mapToInt(LineRow::minutes).sum(),
        dance.standing().stage(),
        dance.standing().shown(),
        dance.dance().sections(),
        own.stream()
            .map(it -> it.details().options())
            .filter(it -> !it.isBlank())
            .findFirst()
            .orElse(""),
        called(reader.read(dance.row().stepText()).sequence().walls()),
        dance.row().archived()
            ? List.of()
            : teaching.watchOuts(dance.row().id()).stream()
                .map(it -> new DanceBrief.Mark(it.section(), it.note()))
                .toList(),
        dance.standing().trouble(),
        own.stream()
            .filter(it -> !it.note().isBlank())
            .findFirst()
            .map(it -> new DanceBrief.Note(it.date(), it.leader(), it.note())));
  }

  private static List<DanceBrief.Called> called(List<Wall> walls) {
    Map<EventId, List<Integer>> on = new LinkedHashMap<>();
    for (Wall wall : walls) {
      wall.events()
          .forEach(it -> on.computeIfAbsent(it.id(), _ -> new ArrayList<>()).add(wall.number()));
    }
    return on.entrySet().stream()
        .map(it -> new DanceBrief.Called(it.getKey(), it.getValue()))
        .toList();
  }

  /** Who led a group last, as far as the record says. */
  Optional<PersonId> lastLeader(long group) {
    return record.lastLed(group).entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey);
  }
}
