package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A social is made and planned at the table, then run from a phone while a wall shows it. */
public class SocialTest extends BrowserTest {

  private static final double PLANNING = SLOW_MACHINE_MS;

  private static Locator named(Page page, String label) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(label));
  }

  private String made(Page page) {
    page.navigate(at("/socials"));
    button(page, "New social").click();
    page.getByLabel("Name").fill("Spring fling");
    page.getByLabel("Day", new Page.GetByLabelOptions().setExact(true)).fill("2027-04-10");
    page.keyboard().press("Enter");
    button(page, "Make it").click();
    page.waitForURL(Pattern.compile(".*/socials/\\d+"));
    return page.url();
  }

  @Test
  public void itIsPlannedAndRunFromAPhoneWhileTheWallShowsIt() {
    Page table = signedIn("Wilma Otterspoor");
    String address = made(table);
    assertThat(table.getByText("There is no order yet")).isVisible();
    button(table, "Plan the order").click();
    Locator proposed = table.getByLabel("Proposed order");
    assertThat(proposed)
        .containsText(
            Pattern.compile("points better|none is better"),
            new LocatorAssertions.ContainsTextOptions().setTimeout(PLANNING));
    button(table, "Take it").click();
    assertThat(proposed).hasCount(0);
    Locator songs = table.locator(".song");
    assertThat(songs.first()).isVisible();
    assertThat(table.getByText("walk-in").first()).isVisible();

    // The second goes to the front: it is said what that costs, and it can be taken back.
    String first = songs.nth(0).locator(".title").textContent().strip();
    String second = songs.nth(1).locator(".title").textContent().strip();
    table.getByLabel(second + " earlier").click();
    assertThat(songs.nth(0).locator(".title")).hasText(second);
    Locator back = table.getByText("Take it back");
    if (back.count() > 0) {
      back.click();
      assertThat(songs.nth(0).locator(".title")).hasText(first);
    }
    songs.nth(2).getByText("points, why").click();
    assertThat(songs.nth(2)).containsText(Pattern.compile("of all dance|Everybody dances"));

    Page phone = signIn(page(390, 844, ColorScheme.LIGHT), "Tomas Brandl");
    phone.navigate(address + "/evening");
    Page wall = signedIn("Bertil Aune");
    wall.navigate(address + "/screen");
    assertThat(wall.locator("h1")).hasText("Welcome");
    String next = named(phone, "Next").locator("h2").textContent().strip();
    phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Play " + next)).click();
    assertThat(named(phone, "Now").locator("h1")).hasText(next);
    assertThat(wall.locator("h1")).hasText(next);

    // Another one than planned is asked for, and the rest is planned around it.
    phone.getByText(Pattern.compile("more: play another one now")).click();
    Locator other =
        phone
            .getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Now: ")))
            .nth(2);
    String title = String.valueOf(other.getAttribute("aria-label")).replaceAll("^Now: ", "");
    other.click();
    assertThat(named(phone, "Now").locator("h1")).hasText(title);
    assertThat(wall.locator("h1")).hasText(title);
    button(phone, "Plan the rest anew").click();
    Locator rest = phone.getByLabel("Proposed order");
    assertThat(rest)
        .containsText(
            Pattern.compile("better"),
            new LocatorAssertions.ContainsTextOptions().setTimeout(PLANNING));
    phone.getByText(Pattern.compile("^(Leave it as it is|Good)$")).click();
    phone.getByLabel("The last one was not played").click();
    assertThat(named(phone, "Now").locator("h1")).hasText(next);
    assertThat(wall.locator("h1")).hasText(next);
  }
}
