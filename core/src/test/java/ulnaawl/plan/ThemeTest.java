package ulnaawl.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.Level;

/** Which dances belong to the theme of some weeks. */
public class ThemeTest {

  private static final LocalDate FROM = LocalDate.of(2026, 11, 16);
  private static final LocalDate TO = LocalDate.of(2026, 12, 27);

  private static DanceFacts facts() {
    Dance lanterns = Dances.dance(Dances.paperLanterns());
    return DanceFacts.of(lanterns, Level.BEGINNER);
  }

  private static Theme theme(String... tags) {
    return new Theme("Lantern weeks", FROM, TO, Set.of(tags));
  }

  @Test
  public void byATagOfItsOwnAFigureOrAStyleOnItsDays() {
    DanceFacts facts = facts();
    assertTrue(theme(" Lantern ").fits(facts, Set.of("lantern")));
    assertFalse(theme("lantern").fits(facts, Set.of("harbour")));
    assertTrue(theme(facts.figures().getFirst()).fits(facts, Set.of()));
    facts.style().ifPresent(it -> assertTrue(theme(it).fits(facts, Set.of())));
    List<Theme> all = List.of(theme("lantern"));
    Set<String> own = Set.of("lantern");
    assertEquals(Theme.of(all, FROM, facts, own), Optional.of("Lantern weeks"));
    assertEquals(Theme.of(all, TO, facts, own), Optional.of("Lantern weeks"));
    assertEquals(Theme.of(all, FROM.minusDays(1), facts, own), Optional.empty());
    assertEquals(Theme.of(all, TO.plusDays(1), facts, own), Optional.empty());
  }

  @Test
  public void tagsAreCleanAndDaysInOrder() {
    assertEquals(Theme.clean(List.of(" A ", "a", "", "b")), Set.of("a", "b"));
    assertThrows(IllegalArgumentException.class, () -> new Theme("X", TO, FROM, Set.of("a")));
  }
}
