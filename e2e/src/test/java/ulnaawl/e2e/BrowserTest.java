package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.Assert;
import org.testng.annotations.AfterMethod;

/** One app and one browser for all tests; a context of its own for every person who signs in. */
abstract class BrowserTest {

  /** As long as a page may take to show what it will: ends of minutes, for a busy machine. */
  static final int SLOW_MACHINE_MS = 120_000;

  private static final int BETWEEN_TRIES_MS = 200;
  private static final int MOST_TRIES = 150;

  /**
   * Says what the content security policy refused, and where. Chromium itself writes a colour into
   * a line of the editor when lines are joined; it is refused, and the editor draws the line anew.
   */
  private static final String REFUSALS =
      """
      addEventListener('securitypolicyviolation', event => {
        const editor = event.effectiveDirective === 'style-src-attr'
          && event.target.closest?.('.cm-content');
        if (!editor) console.error(
          'refused: ' + event.effectiveDirective + ' on ' + location.pathname + ', '
            + (event.sourceFile || event.target.outerHTML?.slice(0, 200)));
      });
      """;

  /**
   * Says what went wrong in the page's own scripts, for Firefox: by itself it tells a stream that
   * is left with its page as an error of the page, too, and says of neither which it is.
   */
  private static final String FAULTS =
      """
      addEventListener('error', event => {
        // Said of every layout that takes more than one pass; nothing is wrong with it.
        const late = event.message.startsWith('ResizeObserver loop');
        if (!late) console.error('script: ' + event.message);
      });
      addEventListener('unhandledrejection', event => console.error('script: ' + event.reason));
      """;

  private static final String FILLED =
      """
      () => {
        const words = document.querySelector('main')?.textContent.trim() ?? '';
        return words !== '' && !words.includes('Fetching…');
      }
      """;

  private static final String POLICY = "violates the following Content Security Policy";

  static {
    PlaywrightAssertions.setDefaultAssertionTimeout(SLOW_MACHINE_MS);
  }

  private final List<BrowserContext> contexts = new ArrayList<>();
  private final List<String> complaints = new ArrayList<>();

  @AfterMethod(alwaysRun = true)
  void closeContexts() {
    contexts.forEach(BrowserContext::close);
    contexts.clear();
    List<String> said = List.copyOf(complaints);
    complaints.clear();
    Assert.assertEquals(String.join("\n", said), "", "errors in the browser");
  }

  /**
   * Whether a device keeps the pages and the coming evenings, as people's do. That is fetched
   * beside the test by each browser, so it is only where the network comes and goes or colleagues
   * write.
   */
  boolean isKept() {
    return false;
  }

  /** Where the app is, followed by a path. */
  static String at(String path) {
    return Browsers.app().address() + path;
  }

  /** A page in a browser of its own; every error in it fails the test. */
  Page page(int width, int height, ColorScheme colours) {
    return page(Browsers.Make.CHROMIUM, width, height, colours);
  }

  Page page(Browsers.Make make, int width, int height, ColorScheme colours) {
    BrowserContext context =
        Browsers.of(make)
            .newContext(
                new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setColorScheme(colours)
                    .setServiceWorkers(
                        isKept() ? ServiceWorkerPolicy.ALLOW : ServiceWorkerPolicy.BLOCK)
                    .setLocale("en-GB"));
    context.setDefaultTimeout(SLOW_MACHINE_MS);
    context.addInitScript(REFUSALS);
    contexts.add(context);
    Page page = context.newPage();
    boolean firefox = make == Browsers.Make.FIREFOX;
    if (firefox) {
      page.addInitScript(FAULTS);
    } else {
      page.onPageError(error -> complaints.add(error));
    }
    page.onConsoleMessage(message -> {
      String text = message.text();
      boolean told = text.startsWith("Failed to load resource") || text.contains(POLICY);
      boolean ours = text.startsWith("script: ") || text.startsWith("refused: ");
      if (message.type().equals("error") && (firefox ? ours : !told)) {
        complaints.add(text);
      }
    });
    return page;
  }

  Page signedIn(String name) {
    return signedIn(at(""), name);
  }

  /** The same in an app of its own. */
  Page signedIn(String address, String name) {
    return signIn(page(1280, 800, ColorScheme.LIGHT), address, name);
  }

  static Page signIn(Page page, String name) {
    return signIn(page, at(""), name);
  }

  /** Brings the session of somebody who has signed in before, or signs them in, without a page. */
  static Page signIn(Page page, String address, String name) {
    SignedIn.as(page.context(), address, name);
    page.navigate(address + "/classes");
    return page;
  }

  /** The same as people do it. */
  static Page signInByHand(Page page, String address, String name) {
    page.navigate(address + "/sign-in");
    page.getByLabel("Name").fill(name);
    page.getByLabel("Password").fill(Visitor.PASSWORD);
    button(page, "Sign in").click();
    page.waitForURL(Pattern.compile(".*/classes"));
    return page;
  }

  /**
   * Waits until a page that was loaded has everything it asks for. That the network is idle does
   * not say so by itself: on a busy machine it is before a page has asked. In Firefox a page that
   * listens to events counts as one that still loads: there what it shows has to do.
   */
  static void settle(Page page) {
    page.waitForFunction(FILLED);
    if (isFirefox(page)) {
      page.waitForLoadState();
    } else {
      page.waitForLoadState(LoadState.NETWORKIDLE);
    }
    page.waitForFunction(FILLED);
  }

  /** Does something again and again until it is seen to have worked, as a person would. */
  static void until(Locator seen, Runnable act) {
    for (int i = 0; i < MOST_TRIES; i++) {
      act.run();
      try {
        seen.waitFor(new Locator.WaitForOptions().setTimeout(BETWEEN_TRIES_MS));
        return;
      } catch (TimeoutError notYet) {
        // Again.
      }
    }
    assertThat(seen).isVisible();
  }

  private static boolean isFirefox(Page page) {
    return page.context().browser().browserType().name().equals("firefox");
  }

  /** Goes to a page of the app from another one, as a link does, without loading all anew. */
  static void goTo(Page page, String path) {
    Runnable go =
        () ->
            page.evaluate(
                """
                path => document.querySelector('#app').__vue_app__.config.globalProperties
                  .$router.push(path)
                """,
                path);
    if (isFirefox(page)) {
      go.run();
    } else {
      Requests.await(page, go);
    }
    settle(page);
  }

  /** The path of a dance of the club, by its title; somebody is signed in. */
  static String dance(Page page, String title) {
    Object id =
        page.evaluate(
            "title => fetch('/api/dances').then(r => r.json())"
                + ".then(all => all.find(one => one.title === title).id)",
            title);
    return "/dances/" + id;
  }

  static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  static Locator heading(Page page, String name) {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
  }

  /** Types a whole step text into the editor, in place of what stood there. */
  static void type(Page page, String stepText) {
    Locator editor = page.getByLabel("Step text");
    editor.click();
    page.keyboard().press("Control+A");
    page.keyboard().insertText(stepText);
    assertThat(page.locator(".cm-content")).containsText(stepText.lines().findFirst().orElse(""));
  }

  /** Chooses an entry of an Element Plus list. */
  static void choose(Page page, String label, String entry) {
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label).setExact(true))
        .click(new Locator.ClickOptions().setForce(true));
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(entry).setExact(true))
        .filter(new Locator.FilterOptions().setVisible(true))
        .first()
        .click();
  }
}
