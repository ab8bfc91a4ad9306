package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.testng.annotations.Test;

/** The same in Debian's Firefox: every page, and an evening from the dance to its class. */
public class FirefoxTest extends BrowserTest {

  private Page firefox() {
    Page page = page(Browsers.Make.FIREFOX, 1280, 800, ColorScheme.LIGHT);
    return signIn(page, "Oda Marsh");
  }

  @Test
  public void everyPageStandsAndFits() {
    assertFits(firefox());
  }

  private static void assertFits(Page page) {
    EverybodyCanUseItTest.assertNothingSticksOut(page, List.of(360, 1280));
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
}
