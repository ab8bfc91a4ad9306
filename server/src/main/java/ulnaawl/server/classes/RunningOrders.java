package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ulnaawl.dance.SectionSet;
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
    // What an earlier line of the evening shows is there for the later ones.
    Map<Long, SectionSet> shown = new HashMap<>();
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
        lines.add(new ExpectedLine(line.id(), expected, sections));
      }
    }
    return lines;
  }
}
