package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import org.testng.annotations.Test;

/** The run-through on a phone, driven by a clicker or a key. */
public class OnTheFloorTest extends BrowserTest {

  @Test
  public void aClickerMovesOnAndBack() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    page.addInitScript(SwiftAudio.SCRIPT);
    signIn(page, "Ines Kallas");
    page.navigate(at(dance(page, "Paper Lanterns") + "/run-through"));
    Locator rung = page.locator(".rungs .on");
    assertThat(rung).containsText("60 %");
    page.keyboard().press("PageDown");
    assertThat(rung).containsText("73 %");
    page.keyboard().press("PageUp");
    assertThat(rung).containsText("60 %");
    page.keyboard().press("Space");
    assertThat(button(page, "Stop")).isVisible();
    assertThat(button(page, "Lost")).isVisible();
    SwiftAudio.assertSteady(page, 8 + 32, 67);
    page.keyboard().press("PageDown");
    assertThat(rung).containsText("73 %");
    assertThat(button(page, "Shaky")).isVisible();
    button(page, "Lost").click();
    assertThat(rung).containsText("60 %");
    page.keyboard().press("Escape");
    assertThat(heading(page, "Paper Lanterns")).isVisible();
  }

  @Test
  public void aCutWallIsAnnouncedWithItsFacing() {
    Page page = page(1280, 800, ColorScheme.DARK);
    page.addInitScript(SwiftAudio.SCRIPT);
    signIn(page, "Ines Kallas");
    page.navigate(at(dance(page, "Paper Lanterns") + "/run-through"));
    page.getByLabel("From wall").fill("5");
    page.keyboard().press("Tab");
    assertThat(page.locator(".event")).containsText("restart after 16");
    assertThat(page.locator(".hall .big")).hasText("12");
    button(page, "Count in").click();
    assertThat(button(page, "Clean")).isVisible();
    SwiftAudio.assertSteady(page, 8 + 16, 67);
  }
}
