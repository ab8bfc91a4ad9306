package ulnaawl.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;

/**
 * How exact the run-through is, in milliseconds. What it measures depends on the machine, so it is
 * no part of the tests: {@code ./ulna bench} does it, with nothing beside it.
 */
@Test(groups = "measured")
public class MeasuredTest extends BrowserTest {

  private static final String WHERE =
      """
      () => new Promise(done => requestAnimationFrame(() => done([
        Number(document.querySelector('[data-tick]').dataset.tick),
        performance.timeOrigin + performance.now(),
      ])))
      """;

  /** What the page measures on the sound itself: 5 ms in ten minutes, 2 ms, a song within 20 ms. */
  public void theBeatIsSteadyAndASongKeepsToIt() {
    Page page = signedIn("Tomas Brandl");
    page.navigate(at("/run-through/steady"));
    choose(page, "Minutes", "12 seconds");
    button(page, "Measure").click();
    page.locator("table[data-done=true]").waitFor(new Locator.WaitForOptions().setTimeout(300_000));
    List<Locator> lines = page.locator("tbody tr").all();
    assertEquals(lines.size(), 5);
    for (Locator line : lines) {
      boolean song = line.textContent().contains("song");
      String all = line.textContent();
      assertTrue(Math.abs(number(line, "data-drift")) < (song ? 20 : 5), all);
      assertTrue(number(line, "data-jitter") < (song ? 20 : 2), all);
      assertTrue(Math.abs(number(line, "data-late")) < (song ? 20 : 2), all);
      assertTrue(number(line, "data-sounds") > 20, all);
    }
  }

  private static double number(Locator line, String name) {
    return Double.parseDouble(line.getAttribute(name));
  }

  /** A second screen is within 50 ms of its leader, also once it is alone. */
  public void aSecondScreenIsWithinAFewFrames() {
    RunThroughTest.Two two = RunThroughTest.leaderAndScreen(this);
    assertTrue(usualLag(two.leader(), two.screen()) < 50, "the screen is off");
    two.screen().context().setOffline(true);
    two.leader().waitForTimeout(1500);
    assertTrue(usualLag(two.leader(), two.screen()) < 50, "alone it is off");
  }

  /**
   * How many milliseconds the screen is off, as a rule: a busy machine draws one frame or another
   * late, which says nothing of the clocks.
   */
  private static double usualLag(Page leader, Page screen) {
    double[] lags = new double[11];
    for (int i = 0; i < lags.length; i++) {
      lags[i] = Math.abs(lag(leader, screen));
      leader.waitForTimeout(100);
    }
    Arrays.sort(lags);
    return lags[lags.length / 2];
  }

  /** How many milliseconds the screen is behind the leader. */
  private static double lag(Page leader, Page screen) {
    List<?> one = (List<?>) leader.evaluate(WHERE);
    List<?> other = (List<?>) screen.evaluate(WHERE);
    double ticksASecond = 118 * 0.55 / 60 * 12;
    double ticks = value(one, 0) - value(other, 0);
    return ticks / ticksASecond * 1000 + value(other, 1) - value(one, 1);
  }

  private static double value(List<?> pair, int at) {
    return ((Number) pair.get(at)).doubleValue();
  }
}
