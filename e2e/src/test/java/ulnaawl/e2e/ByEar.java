package ulnaawl.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.TimeoutError;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;

/**
 * Somebody who sees nothing and has no mouse: goes on by keys, and knows of the page only what the
 * accessibility tree says of the place where the focus is, and of what is announced.
 */
final class ByEar {

  private static final int MOST_STEPS = 120;
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
    await(() -> is(here(), said), () -> "“" + said + "” is not said; here is: " + here());
  }

  /** Waits until something is announced: in a status or an alert. */
  void hears(String words) {
    await(
        () -> announced().stream().anyMatch(it -> it.contains(words)),
        () -> "“" + words + "” is not announced; heard: " + announced());
  }

  private List<String> announced() {
    return page.locator("[role=status], [role=alert], [aria-live]").allTextContents().stream()
        .map(String::strip)
        .filter(it -> !it.isEmpty())
        .toList();
  }

  private void await(BooleanSupplier happens, Supplier<String> otherwise) {
    try {
      page.waitForCondition(
          happens, new Page.WaitForConditionOptions().setTimeout(BrowserTest.SLOW_MACHINE_MS));
    } catch (TimeoutError never) {
      throw new AssertionError(otherwise.get(), never);
    }
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
