package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A term is looked at, a dance is moved with its price said first, and it is planned again. */
public class TermPageTest extends BrowserTest {

  private static final double PLANNING = SLOW_MACHINE_MS;

  private Page term() {
    Page page = signedIn("Wilma Otterspoor");
    page.navigate(at("/terms"));
    page.getByText("Winter term").click();
    page.waitForURL(Pattern.compile(".*/terms/\\d+"));
    return page;
  }

  @Test
  public void aDanceMovesAtAPriceThatIsSaidFirst() {
    Page page = term();
    Locator bar = page.locator(".group .bar.new").first();
    String title = bar.locator(".title").textContent().strip();
    bar.click();
    Locator panel = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(title));
    assertThat(panel).containsText("New to");
    assertThat(panel).containsText("taught to the end");
    String start = String.valueOf(bar.getAttribute("title"));
    panel.getByText("A class later").click();
    Locator asked = page.locator(".asked");
    assertThat(asked).containsText(title);
    assertThat(asked).containsText(Pattern.compile("points|Worth as much"));
    asked.getByText("Do it").click();
    assertThat(asked).hasCount(0);
    Locator moved =
        page.locator(".group .bar[aria-pressed='true']")
            .filter(new Locator.FilterOptions().setHasText(title));
    assertThat(moved).isVisible();
    assertThat(moved).not().hasAttribute("title", start);
    assertThat(moved).containsText("⚓");
    itIsPlannedAgainAndTakenChangeByChange(term());
  }

  /** Dropped on another class, a dance asks first, and stays where it was if one says so. */
  @Test
  public void aDanceIsDraggedToAnotherClass() {
    Page page = term();
    Locator group = page.locator("section.group").first();
    Locator bar = group.locator(".bar").first();
    String title = bar.locator(".title").textContent().strip();
    String start = String.valueOf(bar.getAttribute("title"));
    Locator open = group.locator(".cell:not(.held):not(.closed)");
    bar.dragTo(
        open.nth(2),
        // What lies on a class lets through what is dropped, but only once something is dragged.
        new Locator.DragToOptions()
            .setSourcePosition(12, 12)
            .setTargetPosition(20, 14)
            .setForce(true));
    Locator asked = page.locator(".asked");
    assertThat(asked).containsText(title);
    assertThat(asked).containsText("from ");
    asked.getByText("Leave it").click();
    assertThat(asked).hasCount(0);
    assertThat(bar).hasAttribute("title", start);
  }

  private static void itIsPlannedAgainAndTakenChangeByChange(Page page) {
    Locator broken = page.getByLabel("What does not hold");
    Locator lets = broken.getByText(Pattern.compile("^Let .* move$"));
    // One or more: what others have done in this club meanwhile may stand in its way, too.
    assertThat(lets.first()).isVisible();
    for (int left = lets.count(); left > 0; left = lets.count()) {
      lets.first().click();
      assertThat(lets).not().hasCount(left);
    }
    page.getByText("What it is worth").click();
    assertThat(page.locator(".worth")).containsText("new dances");
    page.getByText("Wishes that are not met").click();
    page.getByText(Pattern.compile("Plan again|Plan the term")).click();
    Locator panel = page.getByLabel("Plan of the term");
    assertThat(panel)
        .containsText(
            Pattern.compile("\\d+ changes?"),
            new LocatorAssertions.ContainsTextOptions().setTimeout(PLANNING));
    panel.getByText("None of them").click();
    assertThat(button(page, "Take 0")).isDisabled();
    for (Locator box : panel.locator(".el-checkbox").all()) {
      box.click();
    }
    button(page, "Take all").click();
    assertThat(panel).hasCount(0);
    assertThat(broken).hasCount(0);
  }

  @Test
  public void thePosterSaysWhatIsNewWhen() {
    Page page = term();
    page.getByText("Poster").click();
    Locator poster = page.locator(".poster");
    assertThat(poster).containsText("We all dance together on");
    assertThat(poster).containsText("no class: Midwinter break");
    assertThat(poster.locator("section")).hasCount(3);
  }
}
