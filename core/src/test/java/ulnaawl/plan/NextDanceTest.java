package ulnaawl.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Vocabulary;
import ulnaawl.learning.Vocabulary.Experience;
import ulnaawl.learning.Vocabulary.How;

/** What a group could learn next, and what it has met on the way. */
public class NextDanceTest {

  private static final FigureBook BOOK = FigureBook.standard();

  private static DanceForGroup lanterns(Stage stage, Set<String> met, Wishes wishes) {
    Dance dance = Dances.dance(Dances.paperLanterns());
    return DanceForGroup.of(
        1,
        DanceFacts.of(dance, Level.BEGINNER),
        BOOK,
        RandomClub.standing(stage, 10, 20, 90),
        met,
        wishes);
  }

  private static int points(DanceForGroup dance) {
    return NextDance.ranked(Level.BEGINNER, List.of(dance)).getFirst().points();
  }

  /** Each term of the table moves a dance the way it says. */
  @Test
  public void everythingThatIsWeighedMovesIt() {
    Set<String> most = Set.of("vine", "shuffle", "rock", "walk", "jazz box", "coaster step");
    int plain = points(lanterns(Stage.NOT_STARTED, most, Wishes.NONE));
    Wishes asked =
        new Wishes(
            List.of(new Wishes.Request("Ida", LocalDate.of(2026, 9, 1))),
            Optional.of("autumn"),
            2,
            true);
    assertEquals(
        points(lanterns(Stage.NOT_STARTED, most, asked)),
        plain
            + PlanWeight.ASKED.points()
            + PlanWeight.THEME.points()
            + 2 * PlanWeight.OTHERS_KNOW.points());
    Wishes planned = new Wishes(List.of(), Optional.empty(), 0, true, new TermPlace.Here());
    assertEquals(
        points(lanterns(Stage.NOT_STARTED, most, planned)), plain + PlanWeight.TERM.points());
    TermPlace nextWeek = new TermPlace.Later(LocalDate.of(2026, 9, 14));
    Wishes later = new Wishes(List.of(), Optional.empty(), 0, true, nextWeek);
    assertEquals(
        points(lanterns(Stage.NOT_STARTED, most, later)), plain + PlanWeight.TERM_LATER.points());
    assertEquals(
        points(lanterns(Stage.STARTED, most, later)),
        points(lanterns(Stage.STARTED, most, Wishes.NONE)),
        "what is begun is gone on with");
    Wishes unsure = new Wishes(List.of(), Optional.empty(), 0, false);
    assertEquals(
        points(lanterns(Stage.NOT_STARTED, most, unsure)),
        plain + PlanWeight.LEADER_UNSURE.points());
    assertTrue(points(lanterns(Stage.STARTED, most, Wishes.NONE)) > plain, "goes on first");
    assertTrue(points(lanterns(Stage.NOT_STARTED, Set.of(), Wishes.NONE)) < plain, "too much news");
  }

  /** Every weight has its row, and no row says what nobody weighs. */
  @Test
  public void theTableIsWhatIsWeighed() {
    assertEquals(
        PlanWeight.TABLE.keySet(),
        Stream.of(PlanWeight.values()).map(PlanWeight::inFile).collect(Collectors.toSet()));
  }

  /** What has been learned, is retired, or lies two levels above is not proposed. */
  @Test
  public void onlyWhatCanBeTaughtIsProposed() {
    for (NextDance.Pick pick :
        NextDance.ranked(Level.BEGINNER, RandomClub.dances(new Random(5), 200))) {
      Stage stage = pick.dance().standing().stage();
      assertTrue(stage == Stage.STARTED || stage == Stage.NOT_STARTED, pick.toString());
      assertTrue(
          stage == Stage.STARTED || pick.dance().level().above(Level.BEGINNER) < 2,
          pick.toString());
    }
  }

  @Test
  public void figuresStandByFamilyWithWhatLeadsToThem() {
    Vocabulary met =
        Vocabulary.of(List.of(new Experience("Bricks", Set.of("vine", "rock"), Stage.KNOWN)));
    List<FigureShelf> shelves = FigureShelf.of(BOOK, met, Level.BEGINNER);
    List<FigureShelf.Entry> all = shelves.stream().flatMap(it -> it.figures().stream()).toList();
    assertEquals(entry(all, "vine").known().orElseThrow().how(), How.KNOWN);
    FigureShelf.Entry cross = entry(all, "cross shuffle");
    assertTrue(cross.known().isEmpty());
    assertEquals(cross.missing().getFirst().on(), "shuffle");
    assertTrue(
        all.stream()
            .allMatch(it -> it.known().isPresent() || it.level().above(Level.BEGINNER) < 2));
  }

  private static FigureShelf.Entry entry(List<FigureShelf.Entry> all, String call) {
    return all.stream().filter(it -> it.call().equals(call)).findFirst().orElseThrow();
  }
}
