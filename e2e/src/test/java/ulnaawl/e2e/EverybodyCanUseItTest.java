package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.testng.Assert;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * WCAG 2.2 AA on every page, as far as axe-core can tell, in both colourings, on a laptop and on a
 * phone; and no page that has to be pushed sideways, from the narrowest to a wall of a screen.
 */
public class EverybodyCanUseItTest extends BrowserTest {

  /**
   * Widths in CSS pixels: WCAG 2.2, success criterion 1.4.10, asks for 320; a laptop at twice the
   * size has 640; a tablet 960; a large screen 2560.
   */
  private static final List<Integer> WIDTHS = List.of(320, 640, 960, 2560);

  @DataProvider
  public Object[][] colourings() {
    return new Object[][] {{ColorScheme.LIGHT, 1280}, {ColorScheme.DARK, 390}};
  }

  @Test(dataProvider = "colourings")
  public void axeFindsNothing(ColorScheme colours, int width) {
    Page page = page(width, 820, colours);
    page.navigate(at("/sign-in"));
    Axe.assertClean(page, "/sign-in");
    signIn(page, "Oda Marsh");
    for (String view : Views.all(page)) {
      goTo(page, view);
      Axe.assertClean(page, view);
    }
    goTo(page, "/classes");
    page.keyboard().press("Control+k");
    page.getByRole(AriaRole.OPTION).first().waitFor();
    Axe.assertCleanOnceOpen(page, "what can be gone to");
    page.keyboard().press("Escape");
    page.getByText("Help", new Page.GetByTextOptions().setExact(true)).click();
    page.getByText("Anywhere:").waitFor();
    Axe.assertCleanOnceOpen(page, "help");
  }

  @Test
  public void nothingSticksOutAtAnyWidth() {
    Page page = signIn(page(1280, 800, ColorScheme.LIGHT), "Oda Marsh");
    assertNothingSticksOut(page, WIDTHS);
  }

  /** Goes through all pages and says which are wider than the window. */
  static void assertNothingSticksOut(Page page, List<Integer> widths) {
    List<String> wide = new ArrayList<>();
    for (String view : Views.all(page)) {
      goTo(page, view);
      for (int width : widths) {
        page.setViewportSize(width, 740);
        Object needs = page.evaluate("() => document.documentElement.scrollWidth");
        if (((Number) needs).intValue() > width) {
          wide.add(view + " needs " + needs + " of " + width);
        }
      }
    }
    Assert.assertEquals(String.join("\n", wide), "");
  }
}
