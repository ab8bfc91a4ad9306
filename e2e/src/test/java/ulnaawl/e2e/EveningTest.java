package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A class from the kitchen table to the car park: changed, danced, late, and written down once. */
public class EveningTest extends BrowserTest {

  @Override
  boolean isKept() {
    return true;
  }

  @Test
  public void plannedChangedDancedLateAndWrittenDown() throws IOException, InterruptedException {
    // What it logs would be in the way of others.
    try (RunningApp app = RunningApp.start(RunningApp.TODAY)) {
      evening(app.address());
    }
  }

  private void evening(String club) {
    Page tomas = page(390, 844, ColorScheme.LIGHT);
    signIn(tomas, club, "Tomas Brandl");
    tomas.navigate(club + "/classes");
    Locator monday = tomas.locator(".coming > li").filter(hasText("Monday Newcomers"));
    monday.getByText("Open the running order").click();
    tomas.waitForURL(Pattern.compile(".*/classes/\\d+"));
    String address = tomas.url();
    changes(tomas);
    dances(tomas, address);
    writesItDownWithoutANetwork(tomas, address);
    Page oda = signedIn(club, "Oda Marsh");
    oda.navigate(address);
    assertThat(heading(oda, "What happened")).isVisible();
    assertThat(oda.getByText("cold hall")).isVisible();
    assertThat(oda.getByText("Written down by Tomas Brandl.")).isVisible();
    nextWeekIsAnother(oda, club + "/classes");
    oda.navigate(address);
    button(oda, "Take the record back").click();
    assertThat(link(oda, "Write it down")).isVisible();
  }

  /** One line stays, one dance is not wanted, the rest plans itself around; each says its cost. */
  private static void changes(Page page) {
    Locator break_ = page.locator(".order > li").filter(hasText("Water and a seat"));
    break_.getByRole(AriaRole.BUTTON).first().click();
    button(page, "Let it stay").click();
    Locator finish = page.locator(".order > li").filter(hasText("Finish")).first();
    finish.getByRole(AriaRole.BUTTON).first().click();
    button(page, "Not tonight").click();
    assertThat(heading(page, "As it is, and as it could be")).isVisible();
    button(page, "Take this order").click();
    assertThat(page.getByText("The last change costs")).isVisible();
    assertThat(page.locator(".stays")).hasCount(1);
  }

  private static void dances(Page page, String address) {
    link(page, "On the floor").click();
    page.waitForURL(address + "/floor");
    assertThat(button(page, "Begin")).isVisible();
    page.keyboard().press("PageDown");
    assertThat(page.locator(".kind")).hasText("Warm-up");
    page.keyboard().press("PageDown");
    page.keyboard().press("PageUp");
    assertThat(page.locator(".kind")).hasText("Warm-up");
    // Ten minutes late: the device's clock says so, and the rest is shortened by the core.
    page.evaluate(
        "() => { const key = Object.keys(localStorage).find((k) => k.includes('/evening-'));"
            + " const it = JSON.parse(localStorage.getItem(key));"
            + " it.start -= 22 * 60000; localStorage.setItem(key, JSON.stringify(it)) }");
    page.reload();
    button(page, "Late?").click();
    Locator late = page.getByRole(AriaRole.REGION, named("The rest of the evening"));
    assertThat(late.locator("small").first()).isVisible();
    button(page, "Do it so").click();
    until(page.getByText("The class is over"), () -> page.keyboard().press("PageDown"));
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static void writesItDownWithoutANetwork(Page page, String address) {
    link(page, "Write it down").click();
    page.waitForURL(address + "/log");
    assertThat(button(page, "It went as it stands here")).isVisible();
    page.getByLabel("A word for whoever takes the next class").fill("cold hall");
    page.context().setOffline(true);
    button(page, "It went as it stands here").click();
    assertThat(page.getByText("Kept on this device.")).isVisible();
    page.context().setOffline(false);
    assertThat(page).hasURL(Pattern.compile(".*/classes/\\d+$"));
    assertThat(heading(page, "What happened")).isVisible();
  }

  private static void nextWeekIsAnother(Page page, String classes) {
    page.navigate(classes);
    Locator monday = page.locator(".coming > li").filter(hasText("Monday Newcomers"));
    button(page, "Plan 60 minutes").click();
    page.waitForURL(Pattern.compile(".*/classes/\\d+"));
    assertThat(page.locator(".order > li").first()).containsText("Warm-up");
    assertThat(page.getByText("of 60 minutes")).hasCount(0);
    assertThat(monday).hasCount(0);
    button(page, "Remove class").click();
    page.waitForURL(classes);
  }

  private static Locator.FilterOptions hasText(String words) {
    return new Locator.FilterOptions().setHasText(words);
  }
}
