package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.testng.Assert;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.AfterSuite;
import org.testng.annotations.BeforeSuite;

/** One app and one browser for all tests; a context of its own for every person who signs in. */
abstract class BrowserTest {

  private static final String PASSWORD = "lantern-light";
  private static final int SLOW_MACHINE_MS = 15_000;

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

  private static final String POLICY = "violates the following Content Security Policy";

  private static @Nullable RunningApp app;
  private static @Nullable Playwright playwright;
  private static @Nullable Browser browser;

  private final List<BrowserContext> contexts = new ArrayList<>();
  private final List<String> complaints = new ArrayList<>();

  @BeforeSuite(alwaysRun = true)
  static void open() throws IOException, InterruptedException {
    app = RunningApp.start(System.getProperty("ulna.today", RunningApp.TODAY));
    Map<String, String> environment = new HashMap<>(System.getenv());
    environment.put("PLAYWRIGHT_NODEJS_PATH", node());
    System.setProperty("playwright.cli.dir", driver().toString());
    playwright = Playwright.create(new Playwright.CreateOptions().setEnv(environment));
    String chromium = System.getenv().getOrDefault("ULNA_CHROMIUM", "/usr/bin/chromium");
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of(chromium))
                    .setArgs(
                        List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync",
                            "--autoplay-policy=no-user-gesture-required")));
    PlaywrightAssertions.setDefaultAssertionTimeout(SLOW_MACHINE_MS);
  }

  @AfterSuite(alwaysRun = true)
  static void close() {
    if (playwright != null) {
      playwright.close();
    }
    if (app != null) {
      app.close();
    }
  }

  /** Playwright for Java looks for its driver in a folder's {@code package}. */
  private static Path driver() throws IOException {
    Path folder = Files.createDirectories(Path.of("target/driver"));
    Path link = folder.resolve("package");
    if (!Files.exists(link)) {
      Files.createSymbolicLink(link, Path.of("node_modules/playwright-core").toRealPath());
    }
    return folder.toAbsolutePath();
  }

  private static String node() {
    for (String folder : System.getenv("PATH").split(java.io.File.pathSeparator)) {
      Path node = Path.of(folder, "node");
      if (Files.isExecutable(node)) {
        return node.toString();
      }
    }
    throw new IllegalStateException("Node is not on the PATH");
  }

  @AfterMethod(alwaysRun = true)
  void closeContexts() {
    contexts.forEach(BrowserContext::close);
    contexts.clear();
    List<String> said = List.copyOf(complaints);
    complaints.clear();
    Assert.assertEquals(String.join("\n", said), "", "errors in the browser");
  }

  /** Where the app is, followed by a path. */
  static String at(String path) {
    if (app == null) {
      throw new IllegalStateException("The app is not started");
    }
    return app.address() + path;
  }

  /** A page in a browser of its own; every error in it fails the test. */
  Page page(int width, int height, ColorScheme colours) {
    if (browser == null) {
      throw new IllegalStateException("The browser is not started");
    }
    BrowserContext context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(colours)
                .setLocale("en-GB"));
    context.setDefaultTimeout(SLOW_MACHINE_MS);
    context.addInitScript(REFUSALS);
    contexts.add(context);
    Page page = context.newPage();
    page.onPageError(error -> complaints.add(error));
    page.onConsoleMessage(message -> {
      boolean told =
          message.text().startsWith("Failed to load resource") || message.text().contains(POLICY);
      if (message.type().equals("error") && !told) {
        complaints.add(message.text());
      }
    });
    return page;
  }

  Page signedIn(String name) {
    return signIn(page(1280, 800, ColorScheme.LIGHT), name);
  }

  static Page signIn(Page page, String name) {
    return signIn(page, at(""), name);
  }

  static Page signIn(Page page, String address, String name) {
    page.navigate(address + "/sign-in");
    page.getByLabel("Name").fill(name);
    page.getByLabel("Password").fill(PASSWORD);
    button(page, "Sign in").click();
    page.waitForURL(Pattern.compile(".*/classes"));
    return page;
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
