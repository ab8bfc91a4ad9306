package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.testng.annotations.Test;

/**
 * The run-through with its real sound: measured, followed by a second screen, written down once.
 */
public class RunThroughTest extends BrowserTest {

  private static final String WHERE =
      """
      () => new Promise(done => requestAnimationFrame(() => done([
        Number(document.querySelector('[data-tick]').dataset.tick),
        performance.timeOrigin + performance.now(),
      ])))
      """;

  /** What the page measures on the sound itself: 5 ms in ten minutes, 2 ms, a song within 20 ms. */
  @Test(groups = "steady")
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

  /** A second browser without an account shows the same count within 50 ms, and goes on alone. */
  @Test(groups = "steady")
  public void aSecondScreenFollows() {
    Page leader = signedIn("Tomas Brandl");
    leader.navigate(at(dance(leader, "Brass Buttons") + "/run-through?kind=WALLS&from=2&to=3"));
    button(leader, "Sound, song, screen, files").click();
    button(leader, "Open a second screen").click();
    String code = leader.locator(".code").textContent();
    leader.getByLabel("Close this dialog").click();
    Page screen = page(1280, 800, ColorScheme.DARK);
    screen.navigate(at("/screen"));
    screen
        .getByLabel("The code that the instructor’s device shows")
        .fill(code.toLowerCase(Locale.ROOT));
    button(screen, "Follow").click();
    assertThat(heading(screen, "Brass Buttons")).isVisible();
    button(leader, "Count in").click();
    screen.waitForFunction("() => Number(document.querySelector('[data-tick]').dataset.tick) > 0");
    assertTrue(usualLag(leader, screen) < 50, "the screen is off");
    // Without a connection it runs on; with one it hears at once that the leader has stopped.
    screen.context().setOffline(true);
    leader.waitForTimeout(1500);
    assertTrue(usualLag(leader, screen) < 50, "alone it is off");
    button(leader, "Stop").click();
    screen.context().setOffline(false);
    screen.waitForFunction(
        "() => { const now = document.querySelector('[data-tick]').dataset.tick;"
            + " const still = window.was === now; window.was = now; return still }",
        null,
        new Page.WaitForFunctionOptions().setPollingInterval(300).setTimeout(20_000));
    assertThat(screen.getByText("Sound, song")).hasCount(0);
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

  /** A file of one's own is lined up, remembered on the device, and played under the count. */
  @Test(groups = "steady")
  public void aSongOfOnesOwnIsLinedUpAndRemembered() {
    Page page = signedIn("Tomas Brandl");
    String address = at(dance(page, "Brass Buttons") + "/run-through?kind=SECTION&from=1&to=1");
    page.navigate(address);
    button(page, "Sound, song, screen, files").click();
    page.locator("input[name=own-song]")
        .setInputFiles(new FilePayload("kettle.wav", "audio/wav", ClickTrack.wav(118, 20)));
    Page.GetByRoleOptions exactly = new Page.GetByRoleOptions().setName("Play").setExact(true);
    Locator play = page.getByRole(com.microsoft.playwright.options.AriaRole.BUTTON, exactly);
    // A song that is still being taken in does not begin: whoever hears nothing presses again.
    play.click();
    page.waitForTimeout(600);
    for (int i = 0; i < 10 && play.isVisible(); i++) {
      play.click();
      page.waitForTimeout(600);
    }
    button(page, "The first step is now").click();
    assertThat(page.getByText("first step at")).isVisible();
    assertThat(page.getByText("Lined up.")).isVisible();
    page.navigate(address);
    button(page, "Sound, song, screen, files").click();
    assertThat(page.getByText("kettle.wav")).isVisible();
    assertThat(page.getByText("first step at")).isVisible();
    page.getByLabel("Close this dialog").click();
    button(page, "Count in").click();
    assertThat(page.locator("[data-testid=call]")).containsText("rock side right");
  }

  /** An answer that is lost on its way: the device writes again, the entry stands there once. */
  @Test(groups = "steady")
  public void whatWasReachedIsWrittenOnce() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    page.addInitScript(SwiftAudio.SCRIPT);
    signIn(page, "Wilma Otterspoor");
    String dance = dance(page, "Winter Apples");
    int number = Integer.parseInt(dance.replaceAll("\\D", ""));
    int before = entries(page, number);
    page.navigate(at(dance + "/run-through?kind=WALLS&from=1&to=1&group=2"));
    button(page, "Count in").click();
    button(page, "Clean").click();
    button(page, "Wait").or(button(page, "Stop")).first().click();
    page.route(
        "**/api/groups/2/record",
        route -> {
          route.fetch();
          route.abort();
        });
    button(page, "record").click();
    assertThat(page.getByText("It is kept here; write it again later.")).isVisible();
    assertEquals(entries(page, number), before + 1);
    page.unroute("**/api/groups/2/record");
    button(page, "record").click();
    assertThat(page.getByText("It stands in")).isVisible();
    assertEquals(entries(page, number), before + 1);
  }

  private static int entries(Page page, int dance) {
    Object found =
        page.evaluate(
            """
            dance => fetch('/api/groups/2', { cache: 'no-store' }).then(answer => answer.json())
              .then(sheet => sheet.dances.filter(one => one.dance === dance)
                .flatMap(one => one.entries).length)
            """,
            dance);
    return ((Number) found).intValue();
  }

  /** The files that the page offers are sound and notes. */
  @Test(groups = "steady")
  public void filesForHomeCanBeTakenAlong() {
    Page page = signedIn("Ines Kallas");
    page.navigate(at(dance(page, "Paper Lanterns") + "/run-through"));
    button(page, "Sound, song, screen, files").click();
    for (var file : Map.of("Sound (WAV)", ".wav", "Notes (MIDI)", ".mid").entrySet()) {
      var download = page.waitForDownload(() -> link(page, file.getKey()).click());
      assertTrue(download.suggestedFilename().endsWith(file.getValue()));
    }
  }
}
