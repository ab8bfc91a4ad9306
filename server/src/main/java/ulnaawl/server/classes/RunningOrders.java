package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.ClassPlan;
import ulnaawl.plan.ClassPlanner;
import ulnaawl.plan.ClassRequest;
import ulnaawl.plan.ClassRequest.Lock;
import ulnaawl.plan.Late;
import ulnaawl.plan.OrderValue;
import ulnaawl.plan.PlanReason;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.CatalogDance;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.platform.Problem;
import ulnaawl.words.Speech;

/** Lets the core plan classes from the club's dances and a group's record, and value them. */
@Component
@RequiredArgsConstructor
class RunningOrders {

  private final Repertoire repertoire;
  private final Catalog catalog;
  private final Speech speech;

  /**
   * How a class is planned anew.
   *
   * @param keep numbers of lines that stay where they stand
   * @param without numbers of dances that are not wanted tonight
   */
  record Around(int minutes, Set<Long> keep, Set<Long> without) {
    Around {
      keep = Set.copyOf(keep);
      without = Set.copyOf(without);
    }
  }

  /** What becomes of the lines, by their numbers, with what it costs and leaves. */
  record LateAnswer(Map<Long, Late.Line> byLine, int cost, int inHand) {}

  /**
   * A running order that was planned.
   *
   * @param points what it is worth
   * @param gap points by which a better one could differ at most
   */
  record Planned(List<LineRow> lines, int points, int gap) {}

  /** A running order for a group on a day, with who leads where that is known. */
  List<LineRow> plan(GroupRow group, LocalDate date, int minutes, Optional<PersonId> leader) {
    ClassPlan plan = ClassPlanner.plan(request(group, date, minutes, leader));
    return lines(plan, Map.of());
  }

  private ClassRequest request(
      GroupRow group, LocalDate date, int minutes, Optional<PersonId> leader) {
    return ClassRequest.of(date, minutes, group.level(), repertoire.of(group, date, leader));
  }

  /** A running order around the lines of a class that stay. */
  Planned around(ClassRow row, GroupRow group, Around around) {
    ClassRequest open = request(group, row.date(), around.minutes(), row.ledBy());
    Map<Integer, LineRow> kept = new HashMap<>();
    List<Lock> locks = new ArrayList<>();
    int start = 0;
    Set<Long> stays = staying(row, around.keep());
    for (LineRow line : row.lines()) {
      if (stays.contains(line.id())) {
        kept.put(start, line);
        locks.add(lock(line, start));
      }
      start += line.minutes();
    }
    if (locks.stream().anyMatch(it -> it.start() + it.minutes() > around.minutes())) {
      throw Problem.rejected(
          "A line that is to stay ends after the " + around.minutes() + " minutes of the class.");
    }
    try {
      ClassPlan plan =
          ClassPlanner.plan(
              new ClassRequest(
                  open.date(),
                  open.minutes(),
                  open.level(),
                  open.dances(),
                  locks,
                  around.without()));
      return new Planned(lines(plan, kept), plan.points(), plan.gap());
    } catch (IllegalArgumentException none) {
      throw Problem.rejected(
          "No class keeps the rules around the lines that are to stay; let one of them go.");
    }
  }

  /** With each practice that stays stays the teach that it belongs to. */
  private static Set<Long> staying(ClassRow row, Set<Long> keep) {
    Set<Long> stays = new HashSet<>(keep);
    for (int i = 1; i < row.lines().size(); i++) {
      LineRow line = row.lines().get(i);
      LineRow before = row.lines().get(i - 1);
      boolean practised =
          before.kind() == ClassLine.Kind.TEACH
              && line.kind() == ClassLine.Kind.PRACTICE
              && line.isOf(before.dance().map(DanceVersion::dance));
      if (practised && keep.contains(line.id())) {
        stays.add(before.id());
      }
    }
    return stays;
  }

  private static Lock lock(LineRow line, int start) {
    Optional<Long> dance = line.dance().map(DanceVersion::dance);
    boolean inHand = line.reasons().stream().anyMatch(PlanReason.MinutesLeft.class::isInstance);
    Subject words = new Subject.Without(inHand ? Filler.IN_HAND : Filler.REQUESTS);
    return new Lock(
        start,
        line.minutes(),
        line.kind(),
        dance,
        dance.<Subject>map(it -> new Subject.OfDance(it, line.title())).orElse(words));
  }

  private static List<Lock> locks(List<LineRow> lines) {
    List<Lock> locks = new ArrayList<>();
    int start = 0;
    for (LineRow line : lines) {
      locks.add(lock(line, start));
      start += line.minutes();
    }
    return locks;
  }

  /** What the order of a class is worth, whoever made it, and which rules it breaks. */
  OrderValue value(ClassRow row, GroupRow group) {
    return OrderValue.of(
        request(group, row.date(), row.minutes(), row.ledBy()), locks(row.lines()));
  }

  /**
   * The best of the rest of a class.
   *
   * @param from number of the first line that has not begun
   * @param left minutes until the class ends
   * @param since minutes since the last break or the beginning
   */
  LateAnswer late(ClassRow row, GroupRow group, long from, int left, int since) {
    List<LineRow> lines = row.lines();
    int first = 0;
    while (first < lines.size() && lines.get(first).id() != from) {
      first++;
    }
    if (first == lines.size()) {
      throw Problem.gone("This line is not in the class any more; look at it again.");
    }
    Set<Long> tonight =
        lines.subList(0, first).stream()
            .filter(it -> it.kind() == ClassLine.Kind.TEACH)
            .flatMap(it -> it.dance().stream())
            .map(DanceVersion::dance)
            .collect(Collectors.toSet());
    List<Lock> rest = locks(lines).subList(first, lines.size());
    ClassRequest request = request(group, row.date(), row.minutes(), row.ledBy());
    Late late = Late.of(request, rest, tonight, left, since);
    Map<Long, Late.Line> byLine = new HashMap<>();
    for (int i = 0; i < rest.size(); i++) {
      byLine.put(lines.get(first + i).id(), late.lines().get(i));
    }
    return new LateAnswer(byLine, late.cost(), late.inHand());
  }

  private List<LineRow> lines(ClassPlan plan, Map<Integer, LineRow> kept) {
    Map<Long, DanceVersion> versions =
        catalog.now().allEver().stream()
            .collect(Collectors.toMap(CatalogDance::id, it -> it.row().at()));
    return plan.lines().stream()
        .map(line ->
            Optional.ofNullable(kept.get(line.start())).orElseGet(() -> line(line, versions)))
        .toList();
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
}
