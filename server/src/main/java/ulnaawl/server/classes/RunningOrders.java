package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ulnaawl.figure.FigureBook;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.ClassPlan;
import ulnaawl.plan.ClassPlanner;
import ulnaawl.plan.ClassRequest;
import ulnaawl.plan.DanceForGroup;
import ulnaawl.plan.Expected;
import ulnaawl.plan.Wishes;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.groups.RequestRow;
import ulnaawl.server.groups.Requests;
import ulnaawl.server.groups.Standings;
import ulnaawl.server.groups.Standings.GroupDance;
import ulnaawl.server.teaching.TeachingService;
import ulnaawl.words.Speech;

/** Lets the core plan classes from the club's dances and a group's record. */
@Component
class RunningOrders {

  private final GroupService groups;
  private final Requests requests;
  private final Standings standings;
  private final DanceReader reader;
  private final TeachingService teaching;
  private final Speech speech;

  RunningOrders(
      GroupService groups,
      Requests requests,
      Standings standings,
      DanceReader reader,
      TeachingService teaching,
      Speech speech) {
    this.groups = groups;
    this.requests = requests;
    this.standings = standings;
    this.reader = reader;
    this.teaching = teaching;
    this.speech = speech;
  }

  /** A running order for a group on a day. */
  List<LineRow> plan(GroupRow group, LocalDate date, int minutes) {
    List<GroupDance> all = standings.of(group.id(), date);
    Set<String> met = Standings.figuresMet(all);
    Map<Long, DanceVersion> versions =
        all.stream().collect(Collectors.toMap(one -> one.row().id(), one -> one.row().at()));
    FigureBook book = reader.book();
    Map<Long, Integer> others = knownElsewhere(group, date);
    List<RequestRow> asked =
        requests.of(group.id()).stream()
            .filter(Requests.Asked::isOpen)
            .map(Requests.Asked::row)
            .toList();
    List<DanceForGroup> dances =
        all.stream()
            .filter(one -> !one.row().archived() && one.dance().sound())
            .map(one ->
                DanceForGroup.of(
                    one.row().id(),
                    one.dance().facts(),
                    book,
                    one.standing(),
                    met,
                    wishes(one.row().id(), others, asked)))
            .toList();
    ClassPlan plan = ClassPlanner.plan(ClassRequest.of(date, minutes, group.level(), dances));
    return plan.lines().stream().map(line -> line(line, versions)).toList();
  }

  /** How many other groups know each dance. */
  private Map<Long, Integer> knownElsewhere(GroupRow group, LocalDate date) {
    Map<Long, Integer> known = new HashMap<>();
    for (GroupRow other : groups.all()) {
      if (other.id() != group.id()) {
        for (GroupDance one : standings.of(other.id(), date)) {
          if (one.standing().stage() == Stage.KNOWN) {
            known.merge(one.row().id(), 1, Integer::sum);
          }
        }
      }
    }
    return known;
  }

  private static Wishes wishes(long dance, Map<Long, Integer> others, List<RequestRow> asked) {
    List<Wishes.Request> wanted =
        asked.stream()
            .filter(it -> it.dance() == dance)
            .map(it -> new Wishes.Request(it.askedBy(), it.askedOn()))
            .toList();
    return new Wishes(wanted, Optional.empty(), others.getOrDefault(dance, 0), true);
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
