package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The club's tablet goes from hand to hand: each finds what is theirs, and nobody else's. */
public class TwoOnOneDeviceTest extends BrowserTest {

  private static final String RECORD = "**/api/classes/*/record";

  @Override
  boolean isKept() {
    return true;
  }

  @Test
  public void whatOneLeavesUnsentWaitsForThemAlone() throws IOException, InterruptedException {
    // What it logs would be in the way of others.
    try (RunningApp app = RunningApp.start(RunningApp.TODAY)) {
      String club = app.address();
      Page tablet = page(1280, 800, ColorScheme.LIGHT);
      signInByHand(tablet, club, "Tomas Brandl");
      String monday = writesALogThatDoesNotGetThrough(tablet, club);
      leaves(tablet, "Keep it for me");

      signInByHand(tablet, club, "Oda Marsh");
      assertThat(tablet.getByText("Tomas Brandl has something unsent on this device")).isVisible();
      tablet.unroute(RECORD);
      tablet.navigate(monday + "/log");
      assertThat(button(tablet, "Write it down")).isVisible();
      assertThat(tablet.getByText("Kept on this device.")).hasCount(0);
      assertThat(tablet.getByLabel("A word for whoever takes the next class")).hasValue("");
      beginsADance(tablet, club);
      leaves(tablet, "Keep it for me");

      signInByHand(tablet, club, "Tomas Brandl");
      tablet.navigate(monday);
      assertThat(tablet.getByText("Written down by Tomas Brandl.")).isVisible();
      tablet.navigate(club + "/dances/new");
      assertThat(heading(tablet, "A new dance")).isVisible();
      assertThat(tablet.getByText("A dance that you began to write")).hasCount(0);
      button(tablet, "Sign out").first().click();
      tablet.waitForURL(club + "/sign-in");

      signInByHand(tablet, club, "Oda Marsh");
      tablet.navigate(club + "/dances/new");
      assertThat(tablet.getByText("A dance that you began to write")).isVisible();
      leaves(tablet, "Drop it");
      signInByHand(tablet, club, "Oda Marsh");
      tablet.navigate(club + "/dances/new");
      assertThat(heading(tablet, "A new dance")).isVisible();
      assertThat(tablet.getByText("A dance that you began to write")).hasCount(0);
    }
  }

  /** The hall's network takes pages, and loses what is sent. */
  private static String writesALogThatDoesNotGetThrough(Page page, String club) {
    page.navigate(club + "/classes");
    Locator monday =
        page.locator(".coming > li")
            .filter(new Locator.FilterOptions().setHasText("Monday Newcomers"));
    monday.getByText("Open the running order").click();
    page.waitForURL(Pattern.compile(".*/classes/\\d+"));
    String address = page.url();
    page.route(RECORD, Route::abort);
    page.navigate(address + "/log");
    page.getByLabel("A word for whoever takes the next class").fill("cold hall");
    button(page, "It went as it stands here").click();
    assertThat(page.getByText("Kept on this device.")).isVisible();
    return address;
  }

  private static void beginsADance(Page page, String club) {
    page.navigate(club + "/dances/new/write");
    Locator text = page.locator(".cm-content");
    text.click();
    page.keyboard().press("Control+End");
    page.keyboard().type("# only begun");
    page.navigate(club + "/dances/new");
    assertThat(page.getByText("A dance that you began to write")).isVisible();
  }

  private static void leaves(Page page, String how) {
    button(page, "Sign out").first().click();
    Locator asked =
        page.getByRole(
            AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Something here is not sent yet"));
    assertThat(asked).isVisible();
    asked
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(how).setExact(true))
        .click();
    page.waitForURL(Pattern.compile(".*/sign-in$"));
  }
}
