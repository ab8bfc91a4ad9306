package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The coming evenings are taken along, for halls without a network. */
public class OnTheDeviceTest extends BrowserTest {

  @Override
  boolean isKept() {
    return true;
  }

  /** By hand, and apart from the list that the app has: whose answers may not lie on a device. */
  private static final Pattern NEVER =
      Pattern.compile(
          "/api/(people|away|backups|calendars|club|history|imports|invitations|live|log|proposals"
              + "|questions|sample|screens|sessions|shared|shares|tables|tokens)\\b.*"
              + "|.*/(brief|stand-ins|register|requests|polls|pdf|xspf|csv|m3u|sheet\\.pdf)");

  /** Asks every address of the contract that only reads, and says what lies on the device then. */
  private static final String ASK_ALL =
      """
      async () => {
        const contract = await (await fetch('/api/openapi')).json()
        const paths = Object.keys(contract.paths)
          .filter((path) => contract.paths[path].get && !path.endsWith('/events'))
        for (const path of paths)
          await (await fetch(path.replace(/\\{\\w+\\}/g, '1'))).arrayBuffer()
        const kept = await (await caches.open('answers')).keys()
        return { asked: paths.length, kept: kept.map((one) => new URL(one.url).pathname) }
      }
      """;

  @Test
  public void onlyWhatIsMeantToBeIsKept() {
    Page page = signedIn("Oda Marsh");
    page.waitForFunction("() => navigator.serviceWorker.controller !== null");
    page.reload();
    Map<?, ?> seen = (Map<?, ?>) page.evaluate(ASK_ALL);
    assertTrue(((Number) seen.get("asked")).intValue() > 80, String.valueOf(seen.get("asked")));
    List<?> kept = (List<?>) seen.get("kept");
    assertTrue(kept.contains("/api/classes/1") && kept.contains("/api/session"), kept.toString());
    assertEquals(
        kept.stream().filter(it -> NEVER.matcher(String.valueOf(it)).matches()).toList(),
        List.of());
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
