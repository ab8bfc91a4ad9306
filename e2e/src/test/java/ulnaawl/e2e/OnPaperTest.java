package ulnaawl.e2e;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

/** A whole evening as a browser prints it. */
public class OnPaperTest extends BrowserTest {

  private static final int LEAST_SHEETS = 3;

  @Test
  public void theEveningIsPrinted() throws IOException {
    assertNoSheetIsBlank(signedIn("Oda Marsh"), "cm");
  }

  /** Prints on paper of 21 by 29.7 of what the browser takes for centimetres. */
  static void assertNoSheetIsBlank(Page page, String unit) throws IOException {
    page.navigate(at("/print?class=3"));
    page.locator(".paper").first().waitFor();
    settle(page);
    byte[] paper = page.pdf(new Page.PdfOptions().setWidth("21" + unit).setHeight("29.7" + unit));
    try (PDDocument document = Loader.loadPDF(paper)) {
      PDFTextStripper words = new PDFTextStripper();
      assertTrue(
          document.getNumberOfPages() >= LEAST_SHEETS, document.getNumberOfPages() + " sheets");
      for (int number = 1; number <= document.getNumberOfPages(); number++) {
        words.setStartPage(number);
        words.setEndPage(number);
        assertFalse(words.getText(document).isBlank(), "page " + number + " is blank");
      }
    }
  }
}
