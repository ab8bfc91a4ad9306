package ulnaawl.server.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Attendance;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Stage;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.calendar.ClosedDays;
import ulnaawl.server.calendar.Themes;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.learning.EntryRow.Details;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.platform.Today;
import ulnaawl.server.register.RegisterKind;
import ulnaawl.server.register.Registers;
import ulnaawl.server.requests.Requests;
import ulnaawl.server.rulings.Rulings;

/** Half a year of the demo club: what was danced, who came, and what lies around the evenings. */
@Component
@RequiredArgsConstructor
class DemoHistory {

  private final RecordService record;
  private final Registers registers;
  private final Requests requests;
  private final Rulings rulings;
  private final ClosedDays closed;
  private final Themes themes;
  private final Today today;

  /**
   * Loads everything.
   *
   * @param dances numbers of the dances by the names of their files
   * @param rows the groups by their names
   * @param people who wrote it down; the first one what nobody is named for
   */
  void load(Map<String, Long> dances, Map<String, GroupRow> rows, List<SignedIn> people) {
    Map<String, SignedIn> by = people.stream().collect(Collectors.toMap(SignedIn::name, it -> it));
    SignedIn owner = people.getFirst();
    lines("/demo/history.txt").forEach(cells -> happened(cells, dances, rows, by));
    Map<GroupRow, Map<String, Long>> names = new LinkedHashMap<>();
    lines("/demo/registers.txt").forEach(cells -> came(cells, rows, names, owner));
    lines("/demo/around.txt").forEach(cells -> around(cells, dances, rows, by, owner));
  }

  private static List<List<String>> lines(String resource) {
    List<List<String>> all = new ArrayList<>();
    for (String line : DemoClub.text(resource).lines().toList()) {
      if (!line.isBlank() && !line.startsWith("#")) {
        all.add(List.of(line.split("\\|", -1)).stream().map(String::strip).toList());
      }
    }
    return all;
  }

  private static <T> T known(Map<String, T> all, String name) {
    return Optional.ofNullable(all.get(name))
        .orElseThrow(() -> new IllegalStateException("The demo names something unknown: " + name));
  }

  /** The day of a group's class so many weeks ago; 1 for the last one before today. */
  private LocalDate ago(GroupRow group, String weeks) {
    LocalDate last = today.date().with(TemporalAdjusters.previous(group.weekday()));
    return last.minusWeeks(Integer.parseInt(weeks) - 1L);
  }

  private void happened(
      List<String> cells,
      Map<String, Long> dances,
      Map<String, GroupRow> rows,
      Map<String, SignedIn> by) {
    GroupRow group = known(rows, cells.get(0));
    record.record(
        group.id(),
        Optional.empty(),
        new RecordService.Entry(
            known(dances, cells.get(3)),
            ago(group, cells.get(1)),
            Happened.valueOf(cells.get(4)),
            SectionSet.upTo(Integer.parseInt(cells.get(5))),
            Outcome.valueOf(cells.get(6)),
            cells.get(7),
            details(cells.size() > 8 ? cells.get(8) : "")),
        known(by, cells.get(2)));
  }

  private static Details details(String more) {
    Map<Integer, Outcome> spots = new TreeMap<>();
    Optional<Integer> percent = Optional.empty();
    Optional<Integer> minutes = Optional.empty();
    for (String word : more.isBlank() ? new String[0] : more.split(" ")) {
      if (word.endsWith("%")) {
        percent = Optional.of(Integer.valueOf(word.replace("%", "")));
      } else if (word.endsWith("min")) {
        minutes = Optional.of(Integer.valueOf(word.replace("min", "")));
      } else {
        String[] spot = word.split(":");
        spots.put(Integer.valueOf(spot[0]), Outcome.valueOf(spot[1]));
      }
    }
    return new Details(spots, percent, minutes, "", Optional.empty(), false);
  }

  private void came(
      List<String> cells,
      Map<String, GroupRow> rows,
      Map<GroupRow, Map<String, Long>> names,
      SignedIn me) {
    GroupRow group = known(rows, cells.get(0));
    String what = cells.get(1);
    if (what.equals("HEADS") || what.equals("NAMES")) {
      registers.keep(group.id(), RegisterKind.valueOf(what), me);
      Map<String, Long> ids = names.computeIfAbsent(group, _ -> new LinkedHashMap<>());
      for (String name : what.equals("NAMES") ? cells.get(2).split(", ") : new String[0]) {
        ids.put(name, registers.add(group.id(), name, me));
      }
      return;
    }
    String who = cells.size() > 2 ? cells.get(2) : "";
    Map<String, Long> ids = names.getOrDefault(group, Map.of());
    Attendance attendance;
    if (ids.isEmpty()) {
      attendance = new Attendance.Heads(Integer.parseInt(who));
    } else {
      Set<Long> there = new HashSet<>(ids.values());
      for (String away : who.isEmpty() ? new String[0] : who.split(", ")) {
        there.remove(known(ids, away));
      }
      attendance = new Attendance.ByName(there);
    }
    registers.came(group.id(), ago(group, what), attendance, 0, me);
  }

  private LocalDate monday(String weeks) {
    return today
        .date()
        .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
        .plusWeeks(Integer.parseInt(weeks));
  }

  private void around(
      List<String> cells,
      Map<String, Long> dances,
      Map<String, GroupRow> rows,
      Map<String, SignedIn> by,
      SignedIn me) {
    switch (cells.get(0)) {
      case "closed" -> {
        Optional<Long> group =
            cells.get(3).isEmpty() ? Optional.empty() : Optional.of(known(rows, cells.get(3)).id());
        closed.close(
            group, monday(cells.get(1)), monday(cells.get(2)).plusDays(6), cells.get(4), me);
      }
      case "theme" ->
          themes.add(
              cells.get(3),
              monday(cells.get(1)),
              monday(cells.get(2)).plusDays(6),
              List.of(cells.get(4)),
              me);
      case "tag" -> themes.tag(known(dances, cells.get(1)), List.of(cells.get(2)), me);
      case "request" -> {
        GroupRow group = known(rows, cells.get(1));
        requests.ask(
            group.id(),
            known(dances, cells.get(3)),
            cells.get(4),
            ago(group, cells.get(2)),
            cells.get(5),
            me);
      }
      case "ruling" -> {
        GroupRow group = known(rows, cells.get(1));
        rulings.rule(
            group.id(),
            known(dances, cells.get(3)),
            Stage.valueOf(cells.get(4)),
            cells.get(6),
            ago(group, cells.get(2)),
            known(by, cells.get(5)));
      }
      default -> throw new IllegalStateException("The demo says something unknown: " + cells);
    }
  }
}
