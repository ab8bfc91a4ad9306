package ulnaawl.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import java.util.ArrayList;
import java.util.List;

/**
 * Somebody who sees nothing and has no mouse: goes on by keys, and knows of the page only what the
 * accessibility tree says of the place where the focus is, and of what is announced.
 */
final class ByEar {

  private static final int MOST_STEPS = 120;
  private static final int MOST_TRIES = 60;
  private static final int PAUSE_MS = 100;
  private static final Locator.AriaSnapshotOptions HEARD_AT_ONCE =
      new Locator.AriaSnapshotOptions().setTimeout(1_000);

  private final Page page;

  ByEar(Page page) {
    this.page = page;
  }

  /** What is said of the place where the focus is: its role, its name, its state. */
  String here() {
    Locator focus = page.locator("*:focus");
    try {
      return focus.count() == 0
          ? ""
          : focus.ariaSnapshot(HEARD_AT_ONCE).lines().findFirst().orElse("");
    } catch (PlaywrightException goneMeanwhile) {
      return "";
    }
  }

  /** Goes on with Tab until something is said that begins like this. */
  void on(String said) {
    List<String> heard = new ArrayList<>();
    for (int i = 0; i < MOST_STEPS; i++) {
      String here = here();
      if (is(here, said)) {
        return;
      }
      heard.add(here);
      page.keyboard().press("Tab");
    }
    throw new AssertionError("“" + said + "” is not said; heard: " + String.join("\n", heard));
  }

  private static boolean is(String here, String said) {
    return here.replaceFirst("^- '?", "").startsWith(said);
  }

  /** Waits until the focus has come to something by itself, as to the heading of a new page. */
  void arrives(String said) {
    for (int i = 0; i < MOST_TRIES; i++) {
      if (is(here(), said)) {
        return;
      }
      page.waitForTimeout(PAUSE_MS);
    }
    throw new AssertionError("“" + said + "” is not said; here is: " + here());
  }

  /** Waits until something is announced: in a status or an alert. */
  void hears(String words) {
    List<String> said = List.of();
    for (int i = 0; i < MOST_TRIES; i++) {
      said =
          page.locator("[role=status], [role=alert], [aria-live]").allTextContents().stream()
              .map(String::strip)
              .filter(it -> !it.isEmpty())
              .toList();
      if (said.stream().anyMatch(it -> it.contains(words))) {
        return;
      }
      page.waitForTimeout(PAUSE_MS);
    }
    throw new AssertionError("“" + words + "” is not announced; heard: " + said);
  }

  void presses(String key) {
    page.keyboard().press(key);
  }

  void types(String text) {
    page.keyboard().insertText(text);
  }

  /** Goes to a place by its name, from anywhere, and hears that it is there. */
  void goesTo(String name, String heading) {
    page.keyboard().press("Control+k");
    arrives("combobox");
    types(name);
    page.locator("[role=option]").first().waitFor();
    page.keyboard().press("Enter");
    arrives("heading \"" + heading);
    BrowserTest.settle(page);
  }
}
