package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Bad input gets a clear answer, and what was typed stays. */
public class NothingIsLostTest extends BrowserTest {

  @Override
  boolean isKept() {
    return true;
  }

  private static final String SOUND = "title: Sound\nsection 1\n1-4  vine R, touch L\n";

  /** What is typed, and what is said about it. */
  @DataProvider
  public Object[][] slips() {
    return new Object[][] {
      {"title: Empty\n", "There are no steps yet"},
      {"title: Long\nsection 1\n1-40  walk x40\n", "count 40 lies outside"},
      {SOUND + "phrasing\nwall 3: restart after 16\n", "16"},
      {SOUND + "phrasing\nwall 0: restart after 2\n", "wall"},
      {SOUND + "tag Wait\n1-2  hold x2\ntag Wait\n1-2  hold x2\n", "Wait"},
      {SOUND + "phrasing\nafter wall 2: tag Nowhere\n", "Nowhere"},
      {"title: Still\nsong: Still / Nobody / 0 bpm\nsection 1\n1-2  hold x2\n", "20 to 400 bpm"},
    };
  }

  @Test(dataProvider = "slips")
  public void slipsAreToldAndTheTextStays(String text, String said) {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new/write"));
    type(page, text);
    assertThat(page.locator(".remarks")).containsText(said);
    assertThat(page.locator(".cm-content"))
        .containsText(text.lines().reduce((first, last) -> last).orElseThrow());
  }

  @Test
  public void aTextIsStillThereAfterTheBrowserWasClosed() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new/write"));
    type(page, SOUND.replace("Sound", "Half a thought"));
    page.reload();
    assertThat(page.getByText("This was written here but not saved.")).isVisible();
    assertThat(page.locator(".cm-content")).containsText("Half a thought");
    button(page, "Go back to the saved one").click();
    assertThat(page.locator(".cm-content")).not().containsText("Half a thought");
  }

  /** A dance of one's own, saved; its address. */
  private static String keep(Page page, String text) {
    page.navigate(at("/dances/new/write"));
    type(page, text);
    button(page, "Keep this dance").click();
    page.waitForURL(Pattern.compile(".*/dances/\\d+"));
    return page.url();
  }

  @Test
  public void twoChangesOfOneDanceArePutTogether() {
    String text = SOUND.replace("Sound", "Shared") + "5-8  vine L, touch R\n";
    Page oda = signedIn("Oda Marsh");
    Page wilma = signedIn("Wilma Otterspoor");
    wilma.navigate(keep(oda, text));
    // Oda writes on the same line before Wilma saves hers: neither is taken without a word.
    type(oda, text.replace("vine L, touch R", "vine L, scuff R"));
    type(wilma, text.replace("vine L, touch R", "vine L, stomp R"));
    button(wilma, "Save").click();
    assertThat(wilma.getByText("Saved, version 2, by Wilma Otterspoor.")).isVisible();
    Locator clash = oda.getByLabel("Two versions");
    assertThat(clash).containsText("Wilma Otterspoor has changed this in the meantime");
    assertThat(clash).containsText("vine L, scuff R");
    assertThat(clash).containsText("vine L, stomp R");
    button(oda, "Take the saved one").click();
    type(
        oda,
        text.replace("title: Shared", "title: Shared by two")
            .replace("vine L, touch R", "vine L, stomp R"));
    assertThat(oda.locator(".cm-content")).containsText("title: Shared by two");
    assertThat(oda.locator(".cm-content")).containsText("vine L, stomp R");
    button(oda, "Save").click();
    assertThat(oda.getByText("Saved, version 3, by Oda Marsh.")).isVisible();
    oda.getByText("History", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(oda.locator(".history ins").first()).containsText("title: Shared by two");
    button(oda, "Bring version 1 back").click();
    assertThat(oda.locator(".cm-content")).containsText("title: Shared");
    assertThat(oda.locator(".cm-content")).containsText("vine L, touch R");
    assertThat(oda.getByText("Saved, version 4, by Oda Marsh.")).isVisible();
  }

  @Test
  public void aDraftOfAnOlderVersionIsNotPutOverANewerText() {
    String text = SOUND.replace("Sound", "Left open");
    Page oda = signedIn("Oda Marsh");
    String address = keep(oda, text);
    type(oda, text.replace("vine R, touch L", "vine R, stomp L"));
    assertThat(oda.getByText("Not saved yet; kept on this machine.")).isVisible();
    oda.navigate(at("/dances"));
    Page wilma = signedIn("Wilma Otterspoor");
    wilma.navigate(address);
    type(wilma, text.replace("title: Left open", "title: Left ajar"));
    button(wilma, "Save").click();
    assertThat(wilma.getByText("Saved, version 2, by Wilma Otterspoor.")).isVisible();
    oda.navigate(address);
    assertThat(oda.getByLabel("Two versions")).containsText("Wilma Otterspoor has changed this");
    assertThat(oda.locator(".cm-content")).containsText("title: Left ajar");
    button(oda, "Go on with mine").click();
    assertThat(oda.locator(".cm-content")).containsText("vine R, stomp L");
    assertThat(oda.locator(".cm-content")).containsText("title: Left open");
  }

  @Test
  public void whatWasRemovedIsBroughtBack() {
    Page page = signedIn("Oda Marsh");
    keep(page, SOUND.replace("Sound", "Gone and back"));
    button(page, "Remove").click();
    page.getByRole(AriaRole.DIALOG)
        .getByText("Remove", new Locator.GetByTextOptions().setExact(true))
        .click();
    page.waitForURL(Pattern.compile(".*/dances$"));
    assertThat(page.locator(".dance").first()).isVisible();
    // The list measures its rows as one scrolls; what lies under it is pressed once it lies still.
    page.locator(".removed summary").scrollIntoViewIfNeeded();
    page.locator(".removed summary").click();
    assertThat(page.locator(".removed[open]")).isVisible();
    Locator row =
        page.locator(".removed li").filter(new Locator.FilterOptions().setHasText("Gone and back"));
    row.getByRole(AriaRole.BUTTON).click();
    assertThat(row).hasCount(0);
    page.getByLabel("Search the dances").fill("gone and back");
    assertThat(page.locator(".dance")).hasCount(1);
  }

  @Test
  public void theWrongPasswordIsToldAndTheNameStays() {
    Page page = page(1280, 800, com.microsoft.playwright.options.ColorScheme.LIGHT);
    page.navigate(at("/dances/1"));
    page.getByLabel("Name").fill("Ines Kallas");
    page.getByLabel("Password").fill("not this one");
    button(page, "Sign in").click();
    Locator problem = page.locator("[role=alert]");
    assertThat(problem).containsText("password");
    assertThat(page.getByLabel("Name")).hasValue("Ines Kallas");
    page.getByLabel("Password").fill("lantern-light");
    page.keyboard().press("Enter");
    page.waitForURL(Pattern.compile(".*/dances/1"));
  }
}
