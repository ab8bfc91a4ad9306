package ulnaawl.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.figure.FigureBook;
import ulnaawl.learning.Vocabulary.Experience;
import ulnaawl.learning.Vocabulary.How;
import ulnaawl.learning.Vocabulary.Known;

/** What a group has met, and what rests on what. */
public class VocabularyTest {

  @Test
  public void theBestOfAllDancesCounts() {
    Vocabulary vocabulary =
        Vocabulary.of(
            List.of(
                new Experience("Rain", Set.of("vine", "rock"), Stage.STARTED),
                new Experience("Bricks", Set.of("vine"), Stage.KNOWN),
                new Experience("Salt", Set.of("rock"), Stage.RUSTY)));
    assertEquals(
        vocabulary.figures(),
        List.of(
            new Known("rock", How.DANCED, List.of("Rain", "Salt")),
            new Known("vine", How.KNOWN, List.of("Bricks", "Rain"))));
    assertEquals(RestsOn.missing("rolling vine", vocabulary.names()), List.of());
    assertEquals(
        RestsOn.missing("lindy", vocabulary.names()).stream().map(RestsOn::on).toList(),
        List.of("chasse"));
  }

  /** Every name is in the figure book, no figure rests on itself by any way, each has a reason. */
  @Test
  public void theTableIsSound() {
    FigureBook book = FigureBook.standard();
    for (RestsOn one : RestsOn.all()) {
      for (String name : List.of(one.figure(), one.on())) {
        assertEquals(book.find(name).orElseThrow().name(), name, "canonical");
      }
      assertFalse(one.why().isBlank());
      assertFalse(below(one.on(), new HashSet<>()).contains(one.figure()), one.toString());
    }
    assertTrue(RestsOn.all().stream().noneMatch(it -> it.figure().equals("sailor step")));
  }

  private static Set<String> below(String figure, Set<String> seen) {
    RestsOn.all().stream()
        .filter(it -> it.figure().equals(figure) && seen.add(it.on()))
        .forEach(it -> below(it.on(), seen));
    return seen;
  }
}
