package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import java.util.List;
import org.testng.Assert;

/** An audio clock that runs many times as fast, and remembers when each click was due. */
final class SwiftAudio {

  /** Runs in the page before its own scripts. */
  static final String SCRIPT =
      """
      window.clicks = [];
      window.AudioContext = class {
        #begun = performance.now();
        get currentTime() { return (performance.now() - this.#begun) / 1000 * 12; }
        get destination() { return {}; }
        resume() { return Promise.resolve(); }
        close() { return Promise.resolve(); }
        createGain() {
          const still = { value: 1, setValueAtTime() {}, exponentialRampToValueAtTime() {} };
          return { gain: still, connect(next) { return next; } };
        }
        createOscillator() {
          return {
            frequency: { value: 0 },
            connect(next) { return next; },
            start(at) { window.clicks.push(at); },
            stop() {},
          };
        }
      };
      """;

  private SwiftAudio() {}

  /**
   * The clicks since the last question came as many as the counts, evenly, at the rate shown.
   *
   * @param countsPerMinute as the rung shows it, rounded to whole counts
   */
  static void assertSteady(Page page, int counts, int countsPerMinute) {
    List<Double> clicks =
        ((List<?>) page.evaluate("() => window.clicks.splice(0)"))
            .stream().map(at -> ((Number) at).doubleValue()).toList();
    Assert.assertEquals(clicks.size(), counts);
    double gap = clicks.get(1) - clicks.getFirst();
    Assert.assertEquals(gap, 60.0 / countsPerMinute, 0.01);
    for (int i = 1; i < counts; i++) {
      Assert.assertEquals(clicks.get(i) - clicks.get(i - 1), gap, 1e-6, "click " + i);
    }
  }
}
