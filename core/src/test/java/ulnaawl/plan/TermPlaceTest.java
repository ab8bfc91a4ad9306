package ulnaawl.plan;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.List;
import org.testng.annotations.Test;

/** Two terms may have the same class. */
public class TermPlaceTest {

  /** Sooner first. */
  private static final List<TermPlace> IN_ORDER =
      List.of(
          new TermPlace.Here(),
          new TermPlace.Later(LocalDate.of(2026, 9, 14)),
          new TermPlace.Later(LocalDate.of(2026, 9, 21)),
          new TermPlace.Nowhere());

  @Test
  public void theSoonerOneCounts() {
    for (int i = 0; i < IN_ORDER.size(); i++) {
      for (int j = 0; j < IN_ORDER.size(); j++) {
        assertEquals(IN_ORDER.get(i).or(IN_ORDER.get(j)), IN_ORDER.get(Math.min(i, j)));
      }
    }
  }
}
