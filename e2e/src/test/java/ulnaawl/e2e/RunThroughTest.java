package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.util.Locale;
import java.util.Map;
import org.testng.annotations.Test;

/**
 * The run-through with its real sound: measured, followed by a second screen, written down once.
 */
public class RunThroughTest extends BrowserTest {

  private static final String TICK = "Number(document.querySelector('[data-tick]').dataset.tick)";

  /** A page of the leader, and one without an account that follows it by its code. */
  record Two(Page leader, Page screen) {}

  static Two leaderAndScreen(BrowserTest test) {
    Page leader = test.signedIn("Tomas Brandl");
    leader.navigate(at(dance(leader, "Brass Buttons") + "/run-through?kind=WALLS&from=2&to=3"));
    button(leader, "Sound, song, screen, files").click();
    button(leader, "Open a second screen").click();
    String code = leader.locator(".code").textContent();
    leader.getByLabel("Close this dialog").click();
    Page screen = test.page(1280, 800, ColorScheme.DARK);
    screen.navigate(at("/screen"));
    screen
        .getByLabel("The code that the instructor’s device shows")
        .fill(code.toLowerCase(Locale.ROOT));
    button(screen, "Follow").click();
    assertThat(heading(screen, "Brass Buttons")).isVisible();
    button(leader, "Count in").click();
    screen.waitForFunction("() => " + TICK + " > 0");
    return new Two(leader, screen);
  }

  /**
   * A second browser without an account counts with the leader, goes on alone, and stops with it.
   */
  @Test
  public void aSecondScreenFollows() {
    Two two = leaderAndScreen(this);
    Page leader = two.leader();
    Page screen = two.screen();
    // Without a connection it runs on; with one it hears that the leader has stopped.
    screen.context().setOffline(true);
    int alone = ((Number) screen.evaluate("() => " + TICK)).intValue();
    screen.waitForFunction("before => " + TICK + " > before + 12", alone);
    button(leader, "Stop").click();
    screen.context().setOffline(false);
    screen.waitForFunction(
        "() => { const now = document.querySelector('[data-tick]').dataset.tick;"
            + " const still = window.was === now; window.was = now; return still }",
        null,
        new Page.WaitForFunctionOptions().setPollingInterval(300));
    assertThat(screen.getByText("Sound, song")).hasCount(0);
  }

  /** A file of one's own is lined up, remembered on the device, and played under the count. */
  @Test
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
    Locator now = button(page, "The first step is now");
    until(
        now.and(page.locator(":enabled")),
        () -> {
          if (play.isVisible()) {
            play.click();
          }
        });
    now.click();
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
  @Test
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
  @Test
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
