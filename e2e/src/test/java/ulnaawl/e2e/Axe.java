package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.Assert;

/** WCAG 2.2, levels A and AA, as far as axe-core can tell. */
final class Axe {

  /**
   * Colours are looked at once nothing fades in any more, in some frames one after the other: what
   * has just opened begins to in the next. What turns round without end may.
   */
  private static final String FADED_IN =
      """
      () => new Promise(done => {
        const still = () => document.getAnimations().every(one =>
          one.playState !== 'running' || one.effect.getComputedTiming().endTime === Infinity)
        let frames = 0
        const look = () => {
          frames = still() ? frames + 1 : 0
          if (frames > 3) done(true)
          else requestAnimationFrame(look)
        }
        requestAnimationFrame(look)
      })
      """;

  private static final String SCRIPT = script();

  private Axe() {}

  private static String script() {
    try {
      return Files.readString(Path.of("node_modules/axe-core/axe.min.js"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A page on which something has just opened. */
  static void assertCleanOnceOpen(Page page, String view) {
    page.evaluate(FADED_IN);
    assertClean(page, view);
  }

  static void assertClean(Page page, String view) {
    BrowserTest.settle(page);
    if (Boolean.FALSE.equals(page.evaluate("() => 'axe' in window"))) {
      page.evaluate(SCRIPT);
    }
    Object found =
        page.evaluate(
            """
            async () => {
              const report = await window.axe.run(document, {
                runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
                resultTypes: ['violations'],
              });
              return report.violations.flatMap((one) =>
                one.nodes.map((node) => `${one.id}: ${node.target} ${node.failureSummary}`));
            }
            """);
    Assert.assertEquals(
        String.join("\n", ((List<?>) found).stream().map(String::valueOf).toList()), "", view);
  }
}
