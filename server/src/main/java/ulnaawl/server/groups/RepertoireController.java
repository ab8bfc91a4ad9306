package ulnaawl.server.groups;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Stated;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.platform.Today;

/** The list of dances, with who knows each. */
@RestController
@RequestMapping("/api/dances")
class RepertoireController {

  private final DanceService dances;
  private final DanceReader reader;
  private final GroupService groups;
  private final Standings standings;
  private final Today today;

  RepertoireController(
      DanceService dances,
      DanceReader reader,
      GroupService groups,
      Standings standings,
      Today today) {
    this.dances = dances;
    this.reader = reader;
    this.groups = groups;
    this.standings = standings;
    this.today = today;
  }

  /** A group that has met the dance. */
  record KnownBy(long group, String name, Stage stage) {}

  /**
   * A dance in the list.
   *
   * @param turnEighths turn of a wall in eighths, -3 (left) to 4 (right)
   */
  record DanceSummary(
      long id,
      String title,
      @Nullable String by,
      @Nullable String statedLevel,
      String level,
      int counts,
      int walls,
      int turnEighths,
      boolean phrased,
      boolean sound,
      @Nullable String song,
      @Nullable String rate,
      @Nullable String style,
      List<String> figures,
      List<KnownBy> knownBy) {}

  @GetMapping
  List<DanceSummary> all() {
    List<DanceRow> rows = dances.all();
    List<EvidenceRow> evidence = groups.evidence();
    record GroupList(GroupRow group, List<Standings.Known> known) {}
    List<GroupList> lists =
        groups.all().stream()
            .map(group ->
                new GroupList(
                    group,
                    standings.of(
                        evidence.stream().filter(row -> row.group() == group.id()).toList(),
                        rows,
                        today.date())))
            .toList();
    return rows.stream()
        .map(row ->
            summary(
                row,
                lists.stream()
                    .flatMap(list ->
                        list.known().stream()
                            .filter(known -> known.row().id() == row.id())
                            .filter(known -> known.standing().stage() != Stage.NOT_STARTED)
                            .map(known ->
                                new KnownBy(
                                    list.group().id(),
                                    list.group().name(),
                                    known.standing().stage())))
                    .toList()))
        .toList();
  }

  private DanceSummary summary(DanceRow row, List<KnownBy> knownBy) {
    ReadDance read = reader.read(row.stepText());
    var headers = read.dance().headers();
    return new DanceSummary(
        row.id(),
        read.dance().title(),
        headers.by().map(Stated::value).orElse(null),
        headers.level().map(Stated::value).map(Level::label).orElse(null),
        read.level().level().label(),
        read.dance().counts(),
        read.dance().walls(),
        read.dance().turn().shortest().eighths(),
        read.dance().isPhrased(),
        read.isSound(),
        headers.songs().stream().findFirst().map(song -> song.value().title()).orElse(null),
        read.dance().countsPerMinute().map(Tempo::label).orElse(null),
        headers.style().map(Stated::value).orElse(null),
        read.figures().stream().sorted().toList(),
        knownBy);
  }
}
