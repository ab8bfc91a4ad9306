package ulnaawl.server.classes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.Expected;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.learning.EntryRow;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.teaching.TeachingService;

/** What the lines of a class will have been: as planned, and as what went on noted it by itself. */
@Component
@RequiredArgsConstructor
class ExpectedLines {

  private final Standings standings;
  private final TeachingService teaching;
  private final RecordService record;

  /** What a line will have been if it goes as planned; {@code all} sections of its dance. */
  record ExpectedLine(long line, Expected expected, int all, Optional<EntryRow> noted) {}

  /** What the lines with a dance will have been, as the group stands on that day. */
  List<ExpectedLine> of(ClassRow row, GroupRow group) {
    List<GroupDance> all = standings.of(group.id(), row.date());
    Map<Long, GroupDance> byId =
        all.stream().collect(Collectors.toMap(one -> one.row().id(), Function.identity()));
    Set<String> met = Standings.figuresMet(all);
    // What an earlier line of the evening shows is there for the later ones.
    Map<Long, SectionSet> shown = new HashMap<>();
    List<EntryRow> noted =
        record.ofClasses(List.of(row.id())).stream().filter(it -> it.details().byItself()).toList();
    List<ExpectedLine> lines = new ArrayList<>();
    for (LineRow line : row.lines()) {
      Optional<GroupDance> dance =
          line.dance()
              .flatMap(at -> Optional.ofNullable(byId.get(at.dance())))
              .filter(one -> !one.row().archived() && one.dance().sound());
      if (dance.isPresent()) {
        GroupDance one = dance.get();
        long id = one.row().id();
        int sections = one.dance().sections();
        SectionSet before = shown.getOrDefault(id, one.standing().shown());
        Expected expected =
            Expected.of(
                line.kind(),
                sections,
                before,
                () -> teaching.proposed(group, one, met, line.minutes()));
        shown.put(id, before.with(expected.sections()));
        lines.add(new ExpectedLine(line.id(), expected, sections, noted(noted, line)));
      }
    }
    return lines;
  }

  /** What was noted of a line: of a teach what was taught, of any other line what was danced. */
  private static Optional<EntryRow> noted(List<EntryRow> noted, LineRow line) {
    return noted.stream()
        .filter(it -> line.isOf(Optional.of(it.at().dance())))
        .filter(it ->
            (line.kind() == Kind.TEACH) == (it.happened().compareTo(Happened.DANCED_CALLED) < 0))
        .reduce((_, last) -> last);
  }
}
