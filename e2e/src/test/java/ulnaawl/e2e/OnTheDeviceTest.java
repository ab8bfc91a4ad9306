package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The coming evenings are taken along, for halls without a network. */
public class OnTheDeviceTest extends BrowserTest {

  @Override
  boolean isKept() {
    return true;
  }

  /** What was read is there without a network, and the run-through goes on. */
  @Test
  public void theEveningIsOnTheDevice() {
    Page page = signedIn("Tomas Brandl");
    page.waitForFunction("() => navigator.serviceWorker.controller !== null");
    page.reload();
    page.waitForFunction(
        "() => localStorage.getItem('ulna-along')",
        null,
        new Page.WaitForFunctionOptions().setTimeout(240_000).setPollingInterval(500));
    page.context().setOffline(true);
    page.navigate(at("/classes"));
    assertThat(page.getByText("No network: as last seen.")).isVisible();
    page.getByText("Open the running order").first().click();
    page.waitForURL(Pattern.compile(".*/classes/\\d+"));
    link(page, "On the floor").click();
    button(page, "Begin").click();
    for (int i = 0; i < 12 && link(page, "Run through").count() == 0; i++) {
      button(page, "Next").click();
    }
    link(page, "Run through").first().click();
    button(page, "Count in").click();
    assertThat(button(page, "Stop").first()).isVisible();
    page.context().setOffline(false);
  }
}
