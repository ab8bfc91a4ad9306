package ulnaawl.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import ulnaawl.figure.Level;

/** What dancers are asked, for clubs by chance. */
public class PollTest {

  @Test
  public void everyDanceIsAskedOnceAndNothingThatIsOver() {
    for (int seed = 0; seed < 100; seed++) {
      List<DanceForGroup> dances = RandomClub.dances(new Random(seed), 50);
      Poll poll = Poll.of(Level.IMPROVER, dances);
      assertEquals(poll.all().map(DanceForGroup::dance).distinct().count(), poll.all().count());
      assertTrue(poll.next().stream().noneMatch(DanceForGroup::isDanced));
      assertTrue(poll.again().stream().allMatch(DanceForGroup::isDanced));
      List<LocalDate> last =
          poll.again().stream().map(it -> it.standing().last().orElse(LocalDate.MIN)).toList();
      assertEquals(last, last.stream().sorted().toList(), "the longest not danced first");
      LocalDate latest = last.isEmpty() ? LocalDate.MIN : last.getLast();
      assertTrue(
          dances.stream()
              .filter(DanceForGroup::isDanced)
              .filter(it -> !poll.again().contains(it))
              .noneMatch(it -> it.standing().last().orElse(LocalDate.MIN).isBefore(latest)));
      List<DanceForGroup> free = dances.stream().map(DanceForGroup::outsideTerm).toList();
      assertEquals(poll.next(), Poll.of(Level.IMPROVER, free).next(), "whatever the term has");
      assertTrue(poll.next().size() > 2 && poll.again().size() > 2, "seed " + seed);
    }
  }
}
