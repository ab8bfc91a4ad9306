package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.Level;
import ulnaawl.learning.RestsOn;
import ulnaawl.learning.Vocabulary;
import ulnaawl.people.PersonId;
import ulnaawl.plan.FigureShelf;
import ulnaawl.plan.NextDance;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Today;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.server.wire.Reasons;
import ulnaawl.words.Speech;

/** What a group could learn next, and the figures it has met on the way. */
@RestController
@RequestMapping("/api/groups/{id}")
@RequiredArgsConstructor
class NextController {

  private static final int MOST = 8;

  private final GroupService groups;
  private final ClassService classes;
  private final Repertoire repertoire;
  private final DanceReader reader;
  private final Reasons reasons;
  private final Speech speech;
  private final Today today;

  /** A dance that could be taught next, and why. */
  record NextView(long dance, String title, Level level, int points, List<ReasonView> reasons) {}

  /**
   * A figure.
   *
   * @param how how well it is known; nothing where it was not met yet
   * @param in titles of the dances that it was met in
   * @param missing what leads to it and was not met either
   */
  record FigureKnown(
      String call,
      Level level,
      Vocabulary.@Nullable How how,
      List<String> in,
      List<RestsOn> missing) {}

  /** A family of figures. */
  record FamilyView(String family, List<FigureKnown> figures) {}

  /** Seen from the group's next class: it is what can be taught then. */
  @GetMapping("/next")
  @KeepAnswer
  List<NextView> next(@PathVariable long id, @RequestParam Optional<Long> leader) {
    GroupRow group = groups.get(id);
    LocalDate on = classes.nextDate(group);
    return NextDance.ranked(
            group.level(), repertoire.of(group, on, leader.filter(it -> it > 0).map(PersonId::new)))
        .stream()
        .limit(MOST)
        .map(pick ->
            new NextView(
                pick.dance().dance(),
                pick.dance().title(),
                pick.dance().level(),
                pick.points(),
                reasons.views(pick.reasons(), one -> speech.plan().reason(one, today.date()))))
        .toList();
  }

  @GetMapping("/vocabulary")
  @KeepAnswer
  List<FamilyView> vocabulary(@PathVariable long id) {
    GroupRow group = groups.get(id);
    Vocabulary met = repertoire.vocabulary(group, today.date());
    return FigureShelf.of(reader.book(), met, group.level()).stream()
        .map(shelf ->
            new FamilyView(
                shelf.family(), shelf.figures().stream().map(NextController::figure).toList()))
        .toList();
  }

  private static FigureKnown figure(FigureShelf.Entry entry) {
    return new FigureKnown(
        entry.call(),
        entry.level(),
        entry.known().map(Vocabulary.Known::how).orElse(null),
        entry.known().map(Vocabulary.Known::in).orElse(List.of()),
        entry.missing());
  }
}
