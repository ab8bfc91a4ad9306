package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.Assert;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * WCAG 2.2 AA as far as axe-core can tell, in both colourings; small phones without side scroll.
 */
public class EverybodyCanUseItTest extends BrowserTest {

  /** Colours are looked at once nothing fades in any more. */
  private static final int FADED_IN_MS = 1_000;

  private static List<String> views(Page page) {
    return List.of(
        "/classes",
        "/classes/1",
        "/classes/1/floor",
        "/classes/1/log",
        "/classes/3/brief",
        "/waiting",
        "/groups/matrix",
        "/groups/taught",
        "/terms",
        "/terms/1",
        "/terms/1/poster",
        "/terms/1/report",
        "/socials",
        "/socials/1",
        "/socials/1/evening",
        "/socials/1/screen",
        "/club/log",
        "/dances",
        dance(page, "Paper Lanterns"),
        "/dances/new",
        "/dances/new/write",
        "/dances/read",
        dance(page, "High Tide") + "/sheet",
        dance(page, "Paper Lanterns") + "/walls",
        dance(page, "Rust and Roses") + "/calls",
        dance(page, "Paper Lanterns") + "/where",
        "/songs",
        "/songs/new",
        "/songs/4",
        "/figures",
        dance(page, "Paper Lanterns") + "/teach?group=1",
        dance(page, "Paper Lanterns") + "/teach/floor?group=1",
        dance(page, "Paper Lanterns") + "/run-through",
        "/run-through/steady",
        "/screen",
        "/groups",
        "/groups/2",
        "/club",
        "/account",
        "/first",
        "/print?class=1",
        "/handbook",
        "/handbook/a-dance",
        "/news",
        "/notices");
  }

  @DataProvider
  public Object[][] colourings() {
    return new Object[][] {{ColorScheme.LIGHT}, {ColorScheme.DARK}};
  }

  @Test(dataProvider = "colourings")
  public void axeFindsNothing(ColorScheme colours) throws IOException {
    String axe = Files.readString(Path.of("node_modules/axe-core/axe.min.js"));
    Page page = page(1280, 800, colours);
    page.navigate(at("/sign-in"));
    assertClean(page, axe, "/sign-in");
    signIn(page, "Oda Marsh");
    for (String view : views(page)) {
      page.navigate(at(view));
      assertClean(page, axe, view);
    }
    page.keyboard().press("Control+k");
    page.getByRole(AriaRole.OPTION).first().waitFor();
    page.waitForTimeout(FADED_IN_MS);
    assertClean(page, axe, "what can be gone to");
    page.keyboard().press("Escape");
    page.getByText("Help", new Page.GetByTextOptions().setExact(true)).click();
    page.getByText("Anywhere:").waitFor();
    page.waitForTimeout(FADED_IN_MS);
    assertClean(page, axe, "help");
  }

  private static void assertClean(Page page, String axe, String view) {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.evaluate(axe);
    Object found =
        page.evaluate(
            """
            async () => {
              const report = await window.axe.run(document, {
                runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
              });
              return report.violations.flatMap((one) =>
                one.nodes.map((node) => `${one.id}: ${node.target} ${node.failureSummary}`));
            }
            """);
    Assert.assertEquals(found, List.of(), view);
  }

  @Test
  public void nothingSticksOutOnASmallPhone() {
    Page page = signIn(page(360, 740, ColorScheme.LIGHT), "Oda Marsh");
    for (String view : views(page)) {
      page.navigate(at(view));
      page.waitForLoadState(LoadState.NETWORKIDLE);
      Object wide = page.evaluate("() => document.documentElement.scrollWidth");
      Assert.assertEquals(wide, 360, view);
    }
  }
}
