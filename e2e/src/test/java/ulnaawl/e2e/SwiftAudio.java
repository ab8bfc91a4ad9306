package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import java.util.List;
import org.testng.Assert;

/** An audio clock that runs many times as fast, and remembers when each click was due. */
final class SwiftAudio {

  /** Runs in the page before its own scripts; rungs follow each other without a pause. */
  static final String SCRIPT =
      """
      window.clicks = [];
      addEventListener('ulna-sounded', event => {
        if (event.detail.kind === 'click') window.clicks.push(event.detail.at);
      });
      localStorage.setItem('ulna-run-rest', '0');
      window.AudioContext = class {
        #begun = performance.now();
        sampleRate = 8000;
        outputLatency = 0;
        get currentTime() { return (performance.now() - this.#begun) / 1000 * 12; }
        get destination() { return {}; }
        resume() { return Promise.resolve(); }
        close() { return Promise.resolve(); }
        createBuffer(_, samples, rate) { return { duration: samples / rate, copyToChannel() {} }; }
        createGain() { return { gain: { value: 1 }, connect(next) { return next; }, disconnect() {} }; }
        createBufferSource() {
          return { connect(next) { return next; }, start() {}, stop() {} };
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
    page.waitForFunction("counts => window.clicks.length >= counts", counts);
    List<Double> clicks =
        ((List<?>) page.evaluate("counts => window.clicks.splice(0, counts)", counts))
            .stream().map(at -> ((Number) at).doubleValue()).toList();
    double gap = clicks.get(1) - clicks.getFirst();
    Assert.assertEquals(gap, 60.0 / countsPerMinute, 0.01);
    for (int i = 1; i < counts; i++) {
      Assert.assertEquals(clicks.get(i) - clicks.get(i - 1), gap, 1e-6, "click " + i);
    }
  }
}
