package ulnaawl.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import org.testng.annotations.Test;

/** The README's pictures, from the demo club: {@code ./ulna pictures}. */
@Test(groups = "pictures")
public class PicturesTest extends BrowserTest {

  private static final Path FOLDER = Path.of("../docs/screenshots");

  /** A sheet with something to ask. */
  private static final String SHEET =
      """
      MARKET DAY
      Choreographed by Marlow Finch - 32 counts, 2 walls, improver
      Music: Market Day by The Ladder Men (116 bpm). Start after 16 counts

      SECTION 1: STEP TOUCHES, GRAPEVINE RIGHT
      1-2   Step right forward, touch left beside right
      3-4   Step left back, touch right beside left
      5-8   Step right to side, step left behind right, step right to side, brush left

      SECTION 2: ROCKING CHAIR, TWO QUARTER TURNS
      1-4   Rock forward on left, recover, rock back on left, recover
      5-6   Step forward on left, pivot 1/4 right (3:00)
      7-8   Step forward on left, pivot 1/4 right (6:00)

      SECTION 3: SHUFFLES, HIPS
      1&2   Shuffle left forward
      3&4   Shuffle right forward
      5-8   Sway left, right, left, swing the arms

      SECTION 4: JAZZ BOX, STOMPS
      1-4   Cross right over left, step left back, step right to side, step left beside right
      5-8   Stomp right, clap, stomp left, clap

      Restart: wall 4, after 16 counts, facing 12:00
      """;

  public void atTheTable() {
    Page page = signedIn("Oda Marsh");
    take(page, dance(page, "Paper Lanterns"), "dance.png");
    page.navigate(at("/dances/new"));
    page.getByLabel("A printed sheet").fill(SHEET);
    button(page, "Read it").click();
    page.locator(".understood .strip").first().waitFor();
    keep(page, "sheet-reader.png");
    take(page, dance(page, "Rust and Roses") + "/sheet", "sheet.png");
    take(page, dance(page, "Paper Lanterns") + "/walls", "walls.png");
    take(page, dance(page, "Rust and Roses") + "/calls", "call-sheet.png");
    page.navigate(at("/songs"));
    page.getByLabel("Search the songs").fill("blue enamel");
    link(page, "Blue Enamel Mug").click();
    heading(page, "Two dances on one floor").waitFor();
    keep(page, "song.png");
    take(page, "/dances", "dances.png");
    page.navigate(at("/classes/3"));
    page.locator(".order > li button").nth(3).click();
    keep(page, "class.png");
    page.navigate(at(dance(page, "Nine Umbrellas") + "/teach?group=2&minutes=25"));
    page.locator(".drill .what").nth(3).click();
    page.locator(".calls .cue").first().waitFor();
    keep(page, "teach.png");
    take(page, "/groups/2", "group.png");
    page.navigate(at("/terms/1"));
    page.locator(".group .bar.new").first().click();
    page.evaluate("() => scrollTo(0, 0)");
    keep(page, "term.png");
    take(page, "/socials/1", "social.png");
  }

  public void onTheFloor() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    signIn(page, "Oda Marsh");
    page.navigate(at(dance(page, "Paper Lanterns") + "/run-through"));
    button(page, "Count in").click();
    page.locator("[data-testid=call]")
        .getByText("shuffle back")
        .waitFor(new Locator.WaitForOptions().setTimeout(60_000));
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("run-through-phone.png")));
    page.navigate(at("/classes/3/brief"));
    keep(page, "brief-phone.png");
    page.navigate(at(dance(page, "Paper Lanterns") + "/where"));
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("They face"))
        .getByText("12", new Locator.GetByTextOptions().setExact(true))
        .click();
    page.getByLabel("10 seconds more").click(new Locator.ClickOptions().setClickCount(9));
    page.locator(".answers .first").waitFor();
    keep(page, "where-phone.png");
  }

  /** The run-through on a laptop, and the second screen that follows it. */
  public void withASecondScreen() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at(dance(page, "Brass Buttons") + "/run-through?kind=WALLS&from=2&to=3"));
    button(page, "Sound, song, screen, files").click();
    button(page, "Open a second screen").click();
    String code = page.locator(".code").textContent();
    page.getByLabel("Close this dialog").click();
    Page screen = page(1280, 800, ColorScheme.DARK);
    screen.navigate(at("/screen/" + code));
    page.locator(".legs").getByText("2: section 4").click();
    page.locator("[data-testid=call]").getByText("coaster").waitFor();
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("run-through.png")));
    screen.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve("screen.png")));
  }

  public void anEvening() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    signIn(page, "Oda Marsh");
    page.navigate(at("/classes/1/floor"));
    for (int i = 0; i < 3; i++) {
      button(page, i == 0 ? "Begin" : "Next").click();
    }
    keep(page, "evening-phone.png");
    page.evaluate("() => localStorage.clear()");
    page.navigate(at("/classes/1/log"));
    page.locator(".three").nth(1).getByText("shaky").click();
    keep(page, "log-phone.png");
  }

  private static void take(Page page, String view, String file) {
    page.navigate(at(view));
    keep(page, file);
  }

  private static void keep(Page page, String file) {
    settle(page);
    page.evaluate("() => document.fonts.ready");
    page.waitForTimeout(400);
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(file)));
  }
}
