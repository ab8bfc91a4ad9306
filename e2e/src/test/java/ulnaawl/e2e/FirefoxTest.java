package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.util.List;
import org.testng.annotations.Test;

/**
 * The same in Debian's Firefox: a dance is written and the floor is led from it; in the long run
 * every page and what is printed, too.
 */
public class FirefoxTest extends BrowserTest {

  private Page firefox() {
    Page page = page(Browsers.Make.FIREFOX, 1280, 800, ColorScheme.LIGHT);
    return signIn(page, "Oda Marsh");
  }

  @Test(groups = "long")
  public void everyPageStandsAndFits() {
    EverybodyCanUseItTest.assertNothingSticksOut(firefox(), List.of(360, 1280));
  }

  @Test
  public void aDanceIsWrittenAndPlanned() {
    Page page = firefox();
    page.navigate(at("/dances/new/write"));
    type(page, "title: Fox Trot Lane\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n");
    assertThat(page.locator("[role=status]", new Page.LocatorOptions().setHasText("No mistakes")))
        .isVisible();
    button(page, "Keep this dance").click();
    assertThat(heading(page, "Fox Trot Lane").first()).isVisible();
    Axe.assertClean(page, "a dance in Firefox");
  }

  /**
   * The sound's own clock runs, a clicker moves the count, and what somebody does is seen at once.
   */
  @Test
  public void theFloorIsLedFromIt() {
    Page oda = firefox();
    oda.navigate(at(dance(oda, "Brass Buttons") + "/run-through?kind=WALLS&from=1&to=1"));
    assertThat(oda.locator(".rungs .on")).isVisible();
    oda.keyboard().press("PageDown");
    assertThat(button(oda, "Stop").first()).isVisible();
    oda.waitForFunction("() => Number(document.querySelector('[data-tick]').dataset.tick) > 48");
    button(oda, "Stop").first().click();
    assertThat(button(oda, "Count in").first()).isVisible();

    Page tomas = signedIn("Tomas Brandl");
    String shared = at(dance(tomas, "Salt Road"));
    tomas.navigate(shared);
    oda.navigate(shared);
    assertThat(tomas.getByText("Oda Marsh is here too")).isVisible();
    assertThat(oda.getByText("Tomas Brandl is here too")).isVisible();
  }

  @Test(groups = "long")
  public void theEveningIsPrinted() throws IOException {
    // Through BiDi the driver says inches where centimetres are meant.
    OnPaperTest.assertNoSheetIsBlank(firefox(), "in");
  }
}
