package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What the page said is saved is on the disk, whatever happens to the server. */
public class CrashTest extends BrowserTest {

  @Test
  public void whatWasSavedIsThereAfterTheServerWasKilled()
      throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("ulna-crash");
    String path;
    try (RunningApp app = RunningApp.start(RunningApp.TODAY, data, true, "crash.log")) {
      Page page = signIn(page(1280, 800, ColorScheme.LIGHT), app.address(), "Oda Marsh");
      page.navigate(app.address() + "/dances/new/write");
      type(page, "title: Before the dark\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n");
      button(page, "Keep this dance").click();
      page.waitForURL(Pattern.compile(".*/dances/\\d+"));
      assertThat(page.getByText("Saved, version 1, by Oda Marsh.")).isVisible();
      path = URI.create(page.url()).getPath();
      app.crash();
    }
    try (RunningApp again = RunningApp.start(RunningApp.TODAY, data, false, "after-crash.log")) {
      Page page = signIn(page(1280, 800, ColorScheme.LIGHT), again.address(), "Oda Marsh");
      page.navigate(again.address() + path);
      assertThat(page.locator(".cm-content")).containsText("Before the dark");
      assertThat(page.getByText("Saved, version 1, by Oda Marsh.")).isVisible();
      page.getByText("History", new Page.GetByTextOptions().setExact(true)).click();
      assertThat(page.locator(".history")).containsText("Oda Marsh made it");
    }
  }
}
