package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ViewportSize;
import java.util.ArrayList;
import java.util.List;
import org.testng.Assert;
import org.testng.annotations.Test;

/**
 * WCAG 2.2 AA on every page, as far as axe-core can tell, in both colourings, on a laptop and on a
 * phone; and no page that has to be pushed sideways, from the narrowest to a wall of a screen.
 */
public class EverybodyCanUseItTest extends BrowserTest {

  /**
   * Widths in CSS pixels: WCAG 2.2, success criterion 1.4.10, asks for 320; a laptop at twice the
   * size has 640; a tablet 960; a window beside another one 1060; a large screen 2560.
   */
  private static final List<Integer> WIDTHS = List.of(320, 640, 960, 1060, 2560);

  private static final int HEIGHT = 820;

  /** What a page is looked at on: a laptop by day, a phone in a dark hall. */
  private record Device(int width, ColorScheme colours) {
    static final List<Device> BOTH =
        List.of(new Device(1280, ColorScheme.LIGHT), new Device(390, ColorScheme.DARK));

    void take(Page page) {
      page.setViewportSize(width, HEIGHT);
      page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(colours));
    }
  }

  /** Each page is gone to once, and becomes the other device's where it stands. */
  @Test
  public void axeFindsNothingOnALaptopOrAPhoneAndNothingSticksOutAtAnyWidth() {
    Page page = page(1280, HEIGHT, ColorScheme.LIGHT);
    List<String> wide = new ArrayList<>();
    page.navigate(at("/sign-in"));
    axeFindsNothing(page, "/sign-in");
    signIn(page, "Oda Marsh");
    List<String> again = Views.again(page);
    for (String view : Views.all(page)) {
      goTo(page, view);
      if (again.contains(view)) {
        axeFindsNothing(page, view);
      } else {
        Axe.assertClean(page, view);
      }
      wide.addAll(tooWide(page, view, WIDTHS));
    }
    goTo(page, "/classes");
    page.keyboard().press("Control+k");
    page.getByRole(AriaRole.OPTION).first().waitFor();
    axeFindsNothing(page, "what can be gone to");
    page.keyboard().press("Escape");
    page.getByText("Help", new Page.GetByTextOptions().setExact(true)).click();
    page.getByText("Anywhere:").waitFor();
    axeFindsNothing(page, "help");
    Assert.assertEquals(String.join("\n", wide), "");
  }

  /** Looks at it on both devices; the page is on the first one again afterwards. */
  private static void axeFindsNothing(Page page, String view) {
    for (Device device : Device.BOTH) {
      device.take(page);
      Axe.assertCleanOnceOpen(page, view + " at " + device);
    }
    Device.BOTH.getFirst().take(page);
  }

  /** Goes through pages and says which are wider than the window. */
  static void assertNothingSticksOut(Page page, List<Integer> widths) {
    List<String> wide = new ArrayList<>();
    for (String view : Views.again(page)) {
      goTo(page, view);
      wide.addAll(tooWide(page, view, widths));
    }
    Assert.assertEquals(String.join("\n", wide), "");
  }

  /**
   * The widths at which the page that is open is wider than the window, which is then as before.
   */
  private static List<String> tooWide(Page page, String view, List<Integer> widths) {
    ViewportSize before = page.viewportSize();
    List<String> wide = new ArrayList<>();
    for (int width : widths) {
      page.setViewportSize(width, HEIGHT);
      Object needs = page.evaluate("() => document.documentElement.scrollWidth");
      if (((Number) needs).intValue() > width) {
        wide.add(view + " needs " + needs + " of " + width);
      }
    }
    page.setViewportSize(before.width, before.height);
    return wide;
  }
}
