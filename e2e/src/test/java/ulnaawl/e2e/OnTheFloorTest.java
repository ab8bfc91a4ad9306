package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.testng.annotations.Test;

/** The run-through on a phone, driven by a clicker or a key. */
public class OnTheFloorTest extends BrowserTest {

  @Override
  boolean isKept() {
    return true;
  }

  /** From slow to full speed with a clicker alone: next is clean, back is shaky, both are lost. */
  @Test
  public void twoKeysLeadToFullSpeed() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    page.addInitScript(SwiftAudio.SCRIPT);
    signIn(page, "Ines Kallas");
    page.navigate(at(dance(page, "Paper Lanterns") + "/run-through"));
    Locator rung = page.locator(".rungs .on");
    assertThat(rung).containsText("60 %");
    page.keyboard().press("PageDown");
    assertThat(button(page, "Lost")).isVisible();
    SwiftAudio.assertSteady(page, 4 + 32, 67);
    page.keyboard().press("PageUp");
    assertThat(button(page, "Stop")).isVisible();
    assertThat(rung).containsText("60 %");
    SwiftAudio.assertSteady(page, 4 + 32, 67);
    assertThat(button(page, "Lost")).isVisible();
    page.keyboard().down("PageUp");
    page.keyboard().down("PageDown");
    page.keyboard().up("PageDown");
    page.keyboard().up("PageUp");
    assertThat(rung).containsText("60 %");
    List<Integer> rates = List.of(67, 82, 96, 112);
    for (int rate : rates) {
      assertThat(rung).containsText(String.valueOf(rate));
      SwiftAudio.assertSteady(page, 4 + 32, rate);
      assertThat(button(page, "Clean")).isVisible();
      page.keyboard().press("PageDown");
    }
    assertThat(page.getByText("Full speed was clean.")).isVisible();
    page.keyboard().press("Escape");
    assertThat(heading(page, "Paper Lanterns")).isVisible();
  }

  /** A restart with its run-in, from its own wall; the steps that change are called. */
  @Test
  public void aCutWallIsAnnouncedWithItsFacing() {
    Page page = page(1280, 800, ColorScheme.DARK);
    page.addInitScript(SwiftAudio.SCRIPT);
    signIn(page, "Ines Kallas");
    page.navigate(at(dance(page, "Paper Lanterns") + "/run-through?kind=WALLS&from=5&to=5"));
    assertThat(page.locator("[data-testid=mark]")).containsText("Change and restart");
    assertThat(page.locator(".where .big")).hasText("12");
    button(page, "Count in").click();
    assertThat(button(page, "Clean")).isVisible();
    SwiftAudio.assertSteady(page, 4 + 16, 67);
    choose(page, "What is danced", "Wall 5: restart after 16");
    page.locator(".legs").getByText("6: section 1").waitFor();
    assertThat(page.locator(".rungs .on")).containsText("60 %");
  }
}
