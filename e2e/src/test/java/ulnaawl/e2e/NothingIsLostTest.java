package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Bad input gets a clear answer, and what was typed stays. */
public class NothingIsLostTest extends BrowserTest {

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
    page.navigate(at("/dances/new"));
    type(page, text);
    assertThat(page.locator(".remarks")).containsText(said);
    assertThat(page.locator(".cm-content"))
        .containsText(text.lines().reduce((first, last) -> last).orElseThrow());
  }

  @Test
  public void aTextIsStillThereAfterTheBrowserWasClosed() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new"));
    type(page, SOUND.replace("Sound", "Half a thought"));
    page.reload();
    assertThat(page.getByText("This text was written here but not saved.")).isVisible();
    assertThat(page.locator(".cm-content")).containsText("Half a thought");
    button(page, "Go back to the saved one").click();
    assertThat(page.locator(".cm-content")).not().containsText("Half a thought");
  }

  @Test
  public void twoInstructorsOnOneDanceAreTold() {
    Page oda = signedIn("Oda Marsh");
    Page wilma = signedIn("Wilma Otterspoor");
    oda.navigate(at("/dances/new"));
    type(oda, SOUND.replace("Sound", "Shared"));
    button(oda, "Keep this dance").click();
    oda.waitForURL(Pattern.compile(".*/dances/\\d+"));
    wilma.navigate(oda.url());
    type(wilma, SOUND.replace("Sound", "Shared, by Wilma"));
    button(wilma, "Save").click();
    assertThat(wilma.getByText("Saved, version 2, by Wilma Otterspoor.")).isVisible();
    type(oda, SOUND.replace("Sound", "Shared, by Oda"));
    button(oda, "Save").click();
    assertThat(oda.getByText("Wilma Otterspoor has changed this dance").first()).isVisible();
    assertThat(oda.locator(".cm-content")).containsText("Shared, by Oda");
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
