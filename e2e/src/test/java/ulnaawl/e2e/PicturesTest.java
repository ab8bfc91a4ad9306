package ulnaawl.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The README's pictures, from the demo club: {@code ./ulna pictures}. */
@Test(groups = "pictures")
public class PicturesTest extends BrowserTest {

  private static final Path FOLDER = Path.of("../docs/screenshots");

  public void atTheTable() {
    Page page = signedIn("Oda Marsh");
    take(page, dance(page, "Paper Lanterns"), "dance.png");
    page.getByText("Floor", new Page.GetByTextOptions().setExact(true)).click();
    for (int i = 0; i < 6; i++) {
      page.getByLabel("Step on").click();
    }
    page.evaluate("() => window.scrollTo(0, 150)");
    keep(page, "floor.png");
    page.getByText("Build", new Page.GetByTextOptions().setExact(true)).click();
    page.getByLabel("Take touch left out").last().click();
    page.getByLabel("Take side right out").click();
    page.locator(".offers .chip").nth(8).waitFor();
    page.evaluate("() => window.scrollTo(0, 150)");
    keep(page, "build.png");
    page.getByText("Write", new Page.GetByTextOptions().setExact(true)).click();
    take(page, dance(page, "Rust and Roses") + "/sheet", "sheet.png");
    take(page, dance(page, "Paper Lanterns") + "/walls", "walls.png");
    take(page, dance(page, "Rust and Roses") + "/calls", "call-sheet.png");
    page.navigate(at("/songs"));
    page.getByLabel("Search the songs").fill("blue enamel");
    link(page, "Blue Enamel Mug").click();
    heading(page, "Two dances on one floor").waitFor();
    keep(page, "song.png");
    take(page, "/figures", "figures.png");
    take(page, "/dances", "dances.png");
    take(page, "/classes", "classes.png");
    take(page, "/classes/3", "class.png");
    page.navigate(at(dance(page, "Nine Umbrellas") + "/teach?group=2&minutes=25"));
    page.locator(".drill .what").nth(3).click();
    page.locator(".calls .cue").first().waitFor();
    keep(page, "teach.png");
    button(page, "Compare").click();
    page.getByText("Take this school").waitFor();
    page.locator("aside .card").nth(1).scrollIntoViewIfNeeded();
    keep(page, "teach-compare.png");
    take(page, "/groups/2", "group.png");
    page.navigate(at("/club"));
    button(page, "Back up now").click();
    page.getByText("Last backup").waitFor();
    keep(page, "club.png");
    page.navigate(at(dance(page, "Paper Lanterns")));
    type(
        page,
        "title: Paper Lanterns\nwalls: 4\nstart: weight L\n\nsection 1\n1-4    grapvine R, touch L\n"
            + "5-8    vine R, touch L\n");
    page.locator(".remarks li").first().waitFor();
    keep(page, "mistakes.png");
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
    page.navigate(at(dance(page, "Paper Lanterns") + "/where"));
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("They face"))
        .getByText("12", new Locator.GetByTextOptions().setExact(true))
        .click();
    page.getByLabel("10 seconds more").click(new Locator.ClickOptions().setClickCount(9));
    page.locator(".answers .first").waitFor();
    keep(page, "where-phone.png");
  }

  public void twoPeople() {
    String text =
        "title: Copper Kettle\nstart: weight L\n\nsection 1: Vines\n1-4    vine R, touch L\n"
            + "5-8    vine L, touch R\n\nsection 2: Box\n1-4    rocking chair R\n5-8    jazz box R 1/4 R\n";
    Page oda = signedIn("Oda Marsh");
    oda.navigate(at("/dances/new"));
    type(oda, text);
    button(oda, "Keep this dance").click();
    oda.waitForURL(Pattern.compile(".*/dances/\\d+"));
    Page wilma = signedIn("Wilma Otterspoor");
    wilma.navigate(oda.url());
    type(wilma, text.replace("vine L, touch R", "rolling vine L, touch R"));
    button(wilma, "Save").click();
    wilma.getByText("Saved, version 2").waitFor();
    type(oda, text.replace("section 2: Box", "section 2: Chair and box"));
    button(oda, "Save").click();
    oda.getByLabel("Two versions").waitFor();
    oda.evaluate("() => window.scrollTo(0, 0)");
    keep(oda, "two-versions.png");
  }

  private static void take(Page page, String view, String file) {
    page.navigate(at(view));
    keep(page, file);
  }

  private static void keep(Page page, String file) {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.evaluate("() => document.fonts.ready");
    page.waitForTimeout(400);
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(file)));
  }
}
