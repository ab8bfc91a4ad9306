package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.WaitForSelectorState.HIDDEN;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** From a printed sheet to a dance of the club: pasted, looked through by keyboard, kept. */
public class SheetsTest extends BrowserTest {

  private static final Path SHEETS = Path.of("../core/src/test/resources/sheets");

  private static String sheet(String name) throws IOException {
    return Files.readString(SHEETS.resolve(name + ".txt"));
  }

  @Test
  public void aPastedSheetIsLookedThroughByKeyboardAndKept() throws IOException {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new"));
    page.getByLabel("A printed sheet").fill(sheet("market-day"));
    button(page, "Read it").click();
    page.waitForURL(Pattern.compile(".*/dances/read"));
    Locator doubt = page.getByLabel("In doubt");
    assertThat(doubt).containsText("2 to look at");
    assertThat(doubt).containsText("This level is none of the seven");
    assertThat(page.getByLabel("What was understood"))
        .containsText("2. Grapevines with a half turn");
    page.keyboard().press("ArrowDown");
    assertThat(doubt).containsText("'Swing' means nothing to the reader");
    page.keyboard().press("Enter");
    assertThat(doubt).containsText("1 to look at");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Nothing left to look at")).isVisible();
    button(page, "Keep this dance").click();
    page.waitForURL(Pattern.compile(".*/dances/\\d+"));
    page.locator(".el-radio-button", new Page.LocatorOptions().setHasText("Sheet")).click();
    Locator line = button(page, "5      fwd R");
    assertThat(line).isVisible();
    line.click();
    assertThat(page.locator(".cm-content")).containsText("fwd R");
    page.navigate(page.url() + "/sheet");
    page.getByText("in full sentences").click();
    assertThat(page.locator(".sentences")).containsText("Step left behind right");
    page.getByText("by name").click();
  }

  @Test
  public void aPileIsWorkedOffAndWhatTheClubHasIsSaid() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new"));
    page.setInputFiles(
        "input[name=sheets]",
        new Path[] {SHEETS.resolve("brass-buttons.txt"), SHEETS.resolve("copper-kettle.txt")});
    page.waitForURL(Pattern.compile(".*/dances/read"));
    Locator pile = page.getByLabel("Sheets", new Page.GetByLabelOptions().setExact(true));
    assertThat(pile.locator("button")).hasCount(2);
    assertThat(page.getByText("is in the club already")).isVisible();
    button(page, "Leave it out").click();
    assertThat(pile).containsText("left out");
    assertThat(heading(page, "Copper Kettle")).isVisible();
    page.reload();
    assertThat(pile.locator("button")).hasCount(2);
    button(page, "Clear the pile").waitFor(new Locator.WaitForOptions().setState(HIDDEN));
    button(page, "Leave it out").click();
    button(page, "Clear the pile").click();
    assertThat(page.getByText("There is no sheet here.")).isVisible();
  }

  /** A sheet that is pasted into a dance that is only begun is read as a sheet. */
  @Test
  public void pastingIntoANewDanceReadsASheet() throws IOException {
    Page page = signedIn("Wilma Otterspoor");
    page.navigate(at("/dances/new/write"));
    page.locator(".cm-content").click();
    page.evaluate(
        "text => { const data = new DataTransfer(); data.setData('text/plain', text);"
            + " document.querySelector('.cm-content').dispatchEvent(new ClipboardEvent('paste',"
            + " { clipboardData: data, bubbles: true, cancelable: true })) }",
        sheet("corner-shop"));
    page.waitForURL(Pattern.compile(".*/dances/read"));
    assertThat(heading(page, "Corner Shop")).isVisible();
    assertThat(page.getByText("is in the club already")).isVisible();
  }
}
