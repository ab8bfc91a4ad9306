package ulnaawl.server.listing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.learning.Spread;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Today;

/** Every dance and every group: who stands where, when it was last danced, who has led it. */
@RestController
@RequestMapping("/api/matrix")
@RequiredArgsConstructor
class MatrixController {

  private final GroupService groups;
  private final RecordService record;
  private final Standings standings;
  private final PeopleService people;
  private final DanceReader reader;
  private final Today today;

  /** A group of the head line. */
  record MatrixGroup(long id, String name, Level level) {}

  /** How a group stands with a dance; {@code last} is when it was last touched. */
  record MatrixCell(Stage stage, @Nullable LocalDate last, boolean due) {}

  /**
   * A dance.
   *
   * @param cells in the order of the groups
   * @param leaders who of the club has led it with any group
   */
  record MatrixRow(
      long dance,
      String title,
      Level level,
      int counts,
      List<MatrixCell> cells,
      Spread spread,
      @Nullable LocalDate last,
      List<PersonId> leaders) {}

  /**
   * A figure that no group has met, though some dance of the club has it.
   *
   * @param in titles of the dances
   */
  record FigureUnmet(String call, Level level, List<String> in) {}

  /** All of it; of dances that some group has begun and that are in the list. */
  record ClubMatrix(
      LocalDate today,
      List<MatrixGroup> groups,
      List<MatrixRow> rows,
      List<FigureUnmet> figuresUnmet) {}

  @GetMapping
  @KeepAnswer
  ClubMatrix matrix() {
    LocalDate day = today.date();
    List<GroupRow> all = groups.all();
    Map<Long, List<GroupDance>> dances = new HashMap<>();
    for (GroupRow group : all) {
      for (GroupDance one : standings.of(group.id(), day)) {
        dances.computeIfAbsent(one.row().id(), _ -> new ArrayList<>()).add(one);
      }
    }
    Map<Long, List<PersonId>> leaders = leaders();
    return new ClubMatrix(
        day,
        all.stream().map(it -> new MatrixGroup(it.id(), it.name(), it.level())).toList(),
        dances.values().stream()
            .filter(of -> !of.getFirst().row().archived())
            .filter(of -> of.stream().anyMatch(it -> it.standing().stage() != Stage.NOT_STARTED))
            .sorted(Comparator.comparing(of -> of.getFirst().row().title()))
            .map(of -> row(of, day, leaders))
            .toList(),
        figuresUnmet(all, day));
  }

  private List<FigureUnmet> figuresUnmet(List<GroupRow> all, LocalDate day) {
    Set<String> met = new HashSet<>();
    Map<String, Set<String>> in = new TreeMap<>();
    for (GroupRow group : all) {
      List<GroupDance> dances = standings.of(group.id(), day);
      met.addAll(Standings.figuresMet(dances));
      for (GroupDance one : dances) {
        if (!one.row().archived() && one.dance().sound()) {
          one.dance()
              .facts()
              .figures()
              .forEach(it -> in.computeIfAbsent(it, _ -> new TreeSet<>()).add(one.row().title()));
        }
      }
    }
    FigureBook book = reader.book();
    return in.entrySet().stream()
        .filter(it -> !met.contains(it.getKey()))
        .flatMap(it ->
            book.find(it.getKey()).stream()
                .filter(figure -> !figure.isElementary())
                .map(figure ->
                    new FigureUnmet(figure.call(), figure.level(), List.copyOf(it.getValue()))))
        .sorted(Comparator.comparing(FigureUnmet::level).thenComparing(FigureUnmet::call))
        .toList();
  }

  private static MatrixRow row(
      List<GroupDance> of, LocalDate day, Map<Long, List<PersonId>> leaders) {
    GroupDance one = of.getFirst();
    return new MatrixRow(
        one.row().id(),
        one.row().title(),
        one.dance().facts().level(),
        one.dance().facts().counts(),
        of.stream()
            .map(GroupDance::standing)
            .map(it -> new MatrixCell(it.stage(), it.last().orElse(null), it.isDueBy(day)))
            .toList(),
        Spread.of(of.stream().map(GroupDance::standing).toList(), day),
        of.stream()
            .flatMap(it -> it.standing().last().stream())
            .max(Comparator.naturalOrder())
            .orElse(null),
        List.copyOf(leaders.getOrDefault(one.row().id(), List.of())));
  }

  /** Who is here and has led which dance. */
  private Map<Long, List<PersonId>> leaders() {
    Map<Long, List<PersonId>> leaders = new HashMap<>();
    for (PersonId person : people.leaders()) {
      record
          .ledBy(person)
          .forEach(it -> leaders.computeIfAbsent(it, _ -> new ArrayList<>()).add(person));
    }
    return leaders;
  }
}
