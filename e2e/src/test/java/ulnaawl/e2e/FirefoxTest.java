package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
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

  /** A whole evening on paper: no sheet stays blank, in neither browser. */
  @Test
  public void theEveningIsPrintedByBoth() throws IOException {
    for (Browsers.Make make : Browsers.Make.values()) {
      Page page = signIn(page(make, 1280, 800, ColorScheme.LIGHT), "Oda Marsh");
      page.navigate(at("/print?class=3"));
      page.locator(".paper").first().waitFor();
      settle(page);
      // Through BiDi the driver says inches where centimetres are meant.
      String unit = make == Browsers.Make.FIREFOX ? "in" : "cm";
      byte[] paper = page.pdf(new Page.PdfOptions().setWidth("21" + unit).setHeight("29.7" + unit));
      try (PDDocument document = Loader.loadPDF(paper)) {
        PDFTextStripper words = new PDFTextStripper();
        assertTrue(document.getNumberOfPages() >= 3, make + ": " + document.getNumberOfPages());
        for (int number = 1; number <= document.getNumberOfPages(); number++) {
          words.setStartPage(number);
          words.setEndPage(number);
          assertFalse(words.getText(document).isBlank(), make + ": page " + number + " is blank");
        }
      }
    }
  }
}
