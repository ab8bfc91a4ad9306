package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ulnaawl.plan.ClassLine;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.ClassPlan;
import ulnaawl.plan.ClassPlanner;
import ulnaawl.plan.ClassRequest;
import ulnaawl.plan.DanceForGroup;
import ulnaawl.plan.Expected;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.Standings;
import ulnaawl.server.groups.Standings.GroupDance;
import ulnaawl.server.teaching.TeachingService;
import ulnaawl.words.Speech;

/** Lets the core plan classes from the club's dances and a group's record. */
@Component
class RunningOrders {

  private final Repertoire repertoire;
  private final Standings standings;
  private final TeachingService teaching;
  private final Speech speech;

  RunningOrders(
      Repertoire repertoire, Standings standings, TeachingService teaching, Speech speech) {
    this.repertoire = repertoire;
    this.standings = standings;
    this.teaching = teaching;
    this.speech = speech;
  }

  /** A running order for a group on a day. */
  List<LineRow> plan(GroupRow group, LocalDate date, int minutes) {
    List<GroupDance> all = standings.of(group.id(), date);
    Map<Long, DanceVersion> versions =
        all.stream().collect(Collectors.toMap(one -> one.row().id(), one -> one.row().at()));
    List<DanceForGroup> dances = repertoire.of(group, date);
    ClassPlan plan = ClassPlanner.plan(ClassRequest.of(date, minutes, group.level(), dances));
    return plan.lines().stream().map(line -> line(line, versions)).toList();
  }

  private LineRow line(ClassLine line, Map<Long, DanceVersion> versions) {
    String title =
        switch (line.subject()) {
          case Subject.OfDance it -> it.title();
          case Subject.Without it -> speech.plan().filler(it.filler());
        };
    return new LineRow(
        LineRow.NEW,
        line.minutes(),
        line.kind(),
        line.dance().map(versions::get),
        title,
        line.reasons(),
        Optional.empty(),
        Optional.empty());
  }

  /** What a line will have been if it goes as planned; {@code all} sections of its dance. */
  record ExpectedLine(long line, Expected expected, int all) {}

  /** What the lines with a dance will have been, as the group stands on that day. */
  List<ExpectedLine> expected(ClassRow row, GroupRow group) {
    List<GroupDance> all = standings.of(group.id(), row.date());
    Map<Long, GroupDance> byId =
        all.stream().collect(Collectors.toMap(one -> one.row().id(), Function.identity()));
    Set<String> met = Standings.figuresMet(all);
    return row.lines().stream()
        .flatMap(line ->
            line.dance().stream()
                .flatMap(at -> Optional.ofNullable(byId.get(at.dance())).stream())
                .filter(one -> !one.row().archived() && one.dance().sound())
                .map(one -> expected(line, group, one, met)))
        .toList();
  }

  private ExpectedLine expected(LineRow line, GroupRow group, GroupDance one, Set<String> met) {
    int all = one.dance().sections();
    Expected expected =
        Expected.of(line.kind(), all, () -> teaching.proposed(group, one, met, line.minutes()));
    return new ExpectedLine(line.id(), expected, all);
  }
}
