package ulnaawl.learning;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;
import ulnaawl.dance.SectionSet;

/** How a dance is spread over the groups; the four months are a rule of thumb. */
public class SpreadTest {

  private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

  private static Standing danced(int daysAgo, Happened happened, int times) {
    List<Evidence> record =
        java.util.stream.IntStream.range(0, times)
            .mapToObj(i ->
                Evidence.of(
                    DAY.minusDays(daysAgo + 7L * (times - 1 - i)),
                    i == 0 ? Happened.TAUGHT : happened,
                    SectionSet.upTo(4),
                    Outcome.SOLID))
            .toList();
    return LearningRecord.standing(record, 4, DAY, new Register(Map.of()), Optional.empty());
  }

  @Test
  public void itIsByAllWhereEveryGroupKnowsIt() {
    Standing known = danced(3, Happened.DANCED, 6);
    assertEquals(known.stage(), Stage.KNOWN);
    assertEquals(Spread.of(List.of(known, known), DAY), new Spread(2, true, false));
    assertEquals(Spread.of(List.of(known, Standing.NOT_STARTED), DAY), new Spread(1, false, false));
    assertEquals(Spread.of(List.of(), DAY), new Spread(0, false, false), "no group knows it");
  }

  @Test
  public void itIsStaleWhereNobodyWhoLearnedItDancedItForFourMonths() {
    assertEquals(Spread.of(List.of(danced(121, Happened.DANCED, 6)), DAY).stale(), true);
    assertEquals(Spread.of(List.of(danced(120, Happened.DANCED, 6)), DAY).stale(), false);
    assertEquals(
        Spread.of(List.of(danced(200, Happened.DANCED, 6), danced(9, Happened.DANCED, 2)), DAY)
            .stale(),
        false,
        "another group has");
    assertEquals(Spread.of(List.of(Standing.NOT_STARTED), DAY).stale(), false);
  }
}
