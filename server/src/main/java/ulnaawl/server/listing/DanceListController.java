package ulnaawl.server.listing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.Level;
import ulnaawl.floor.Turn;
import ulnaawl.learning.Stage;
import ulnaawl.music.Pace;
import ulnaawl.music.Tempo;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.CatalogDance;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Today;
import ulnaawl.words.Speech;

/** The list of dances with what each group knows of them, a page at a time. */
@RestController
@RequestMapping("/api/dances/list")
@RequiredArgsConstructor
class DanceListController {

  /** The most dances on a page. */
  private static final int MOST = 100;

  private final Catalog catalog;
  private final GroupService groups;
  private final Standings standings;
  private final Speech speech;
  private final Today today;

  /**
   * A dance in the list.
   *
   * @param turn of a wall, the shortest way
   */
  record ListedDance(
      long id,
      String title,
      @Nullable String by,
      @Nullable Level statedLevel,
      Level level,
      int counts,
      int walls,
      Turn turn,
      boolean phrased,
      boolean sound,
      @Nullable String song,
      @Nullable Tempo countsPerMinute,
      @Nullable String style,
      List<Known> knownBy) {}

  /**
   * A page.
   *
   * @param all how many dances the club has
   * @param found how many of them are like that
   */
  record DancePage(int all, int found, List<ListedDance> dances) {}

  /** What a list can be narrowed to: what there is. */
  record ListChoices(List<Integer> counts, List<String> figures, List<String> styles) {}

  @GetMapping
  @KeepAnswer
  DancePage page(
      @RequestParam(defaultValue = "") String words,
      @RequestParam Optional<Level> level,
      @RequestParam Optional<Integer> counts,
      @RequestParam Optional<Integer> walls,
      @RequestParam Optional<String> figure,
      @RequestParam Optional<Pace> pace,
      @RequestParam Optional<String> style,
      @RequestParam Optional<Long> group,
      @RequestParam(defaultValue = "TITLE") ListSort sort,
      @RequestParam(defaultValue = "0") int from,
      @RequestParam(defaultValue = "60") int most) {
    ListFilter filter = new ListFilter(words, level, counts, walls, figure, pace, style, group);
    List<CatalogDance> all = catalog.now().all();
    Map<Long, List<Known>> known = known();
    List<CatalogDance> found =
        all.stream()
            .filter(it -> filter.takes(it, known.getOrDefault(it.id(), List.of()), speech))
            .sorted(sort.order())
            .toList();
    List<ListedDance> page =
        found.stream()
            .skip(Math.max(0, from))
            .limit(Math.clamp(most, 1, MOST))
            .map(it -> listed(it, known.getOrDefault(it.id(), List.of())))
            .toList();
    return new DancePage(all.size(), found.size(), page);
  }

  @GetMapping("/choices")
  @KeepAnswer
  ListChoices choices() {
    List<CatalogDance> all = catalog.now().all();
    return new ListChoices(
        distinct(all, it -> Stream.of(it.facts().counts())),
        distinct(all, it -> it.listing().figures().stream()),
        distinct(all, it -> it.listing().style().stream()));
  }

  private static <T extends Comparable<T>> List<T> distinct(
      List<CatalogDance> dances, Function<CatalogDance, Stream<T>> of) {
    return dances.stream().flatMap(of).distinct().sorted().toList();
  }

  private Map<Long, List<Known>> known() {
    Map<Long, List<Known>> known = new HashMap<>();
    for (GroupRow group : groups.all()) {
      standings.of(group.id(), today.date()).stream()
          .filter(one -> one.standing().stage() != Stage.NOT_STARTED)
          .forEach(one ->
              known
                  .computeIfAbsent(one.dance().id(), _ -> new ArrayList<>())
                  .add(new Known(group.id(), group.name(), one.standing().stage())));
    }
    return known;
  }

  private static ListedDance listed(CatalogDance dance, List<Known> known) {
    CatalogDance.Listing said = dance.listing();
    return new ListedDance(
        dance.id(),
        dance.row().title(),
        said.by().orElse(null),
        said.stated().orElse(null),
        dance.facts().level(),
        dance.facts().counts(),
        said.walls(),
        said.turn(),
        said.phrased(),
        dance.sound(),
        said.song().orElse(null),
        said.countsPerMinute().orElse(null),
        said.style().orElse(null),
        known);
  }
}
