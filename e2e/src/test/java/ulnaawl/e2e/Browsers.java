package ulnaawl.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One app and one browser of each make for all tests of this process; each is started when it is
 * first asked for, and closed with the process.
 */
final class Browsers {

  /** What people have. */
  enum Make {
    CHROMIUM,
    /** Debian's own, driven by WebDriver BiDi, not a build that was changed for tests. */
    FIREFOX
  }

  private static final Map<Make, Browser> OPEN = new EnumMap<>(Make.class);
  private static @Nullable RunningApp app;
  private static @Nullable Playwright playwright;

  static {
    Runtime.getRuntime().addShutdownHook(new Thread(Browsers::closeApp));
  }

  private Browsers() {}

  static synchronized RunningApp app() {
    if (app == null) {
      try {
        app = RunningApp.start(System.getProperty("ulna.today", RunningApp.TODAY));
      } catch (IOException | InterruptedException e) {
        throw new IllegalStateException("The app does not start", e);
      }
    }
    return app;
  }

  private static synchronized void closeApp() {
    if (app != null) {
      app.close();
    }
  }

  static synchronized Browser of(Make make) {
    return OPEN.computeIfAbsent(make, Browsers::launch);
  }

  private static Browser launch(Make make) {
    return switch (make) {
      case CHROMIUM ->
          playwright()
              .chromium()
              .launch(
                  new LaunchOptions()
                      .setExecutablePath(executable("ULNA_CHROMIUM", "/usr/bin/chromium"))
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
      case FIREFOX ->
          playwright()
              .firefox()
              .launch(
                  new LaunchOptions()
                      .setChannel("moz-firefox")
                      .setExecutablePath(executable("ULNA_FIREFOX", "/usr/bin/firefox-esr")));
    };
  }

  private static Path executable(String variable, String usual) {
    return Path.of(System.getenv().getOrDefault(variable, usual));
  }

  private static Playwright playwright() {
    if (playwright == null) {
      Map<String, String> environment = new HashMap<>(System.getenv());
      environment.put("PLAYWRIGHT_NODEJS_PATH", node());
      System.setProperty("playwright.cli.dir", driver().toString());
      playwright = Playwright.create(new Playwright.CreateOptions().setEnv(environment));
    }
    return playwright;
  }

  /** Playwright for Java looks for its driver in a folder's {@code package}. */
  private static Path driver() {
    try {
      Path folder = Files.createDirectories(Path.of("target/driver"));
      Path link = folder.resolve("package");
      if (!Files.exists(link)) {
        try {
          Files.createSymbolicLink(link, Path.of("node_modules/playwright-core").toRealPath());
        } catch (FileAlreadyExistsException byAnotherProcess) {
          return folder.toAbsolutePath();
        }
      }
      return folder.toAbsolutePath();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
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
}
