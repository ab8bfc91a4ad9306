package ulnaawl.server.platform;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.testng.annotations.Test;

/** A clock for tests that live through days. */
public class HurriedClockTest {

  private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

  /** A clock that is set by hand. */
  private static final class Set extends Clock {
    private Instant now = Instant.parse("2026-12-01T20:00:00Z");

    @Override
    public ZoneId getZone() {
      return BERLIN;
    }

    @Override
    public Clock withZone(ZoneId zone) {
      return this;
    }

    @Override
    public Instant instant() {
      return now;
    }
  }

  /**
   * Summer time began on 29 March 2026 at two in the morning (Directive 2000/84/EC, from memory).
   */
  @Test
  public void goesSoManyTimesAsFastAlsoOverTheChangeToSummerTime() {
    Set real = new Set();
    Clock hurried = HurriedClock.from(LocalDateTime.of(2026, 3, 28, 18, 0), 48, real);
    assertEquals(LocalDateTime.now(hurried), LocalDateTime.of(2026, 3, 28, 18, 0));
    real.now = real.now.plus(Duration.ofMinutes(10));
    assertEquals(LocalDateTime.now(hurried), LocalDateTime.of(2026, 3, 29, 3, 0));
    real.now = real.now.plus(Duration.ofMinutes(50));
    assertEquals(LocalDateTime.now(hurried), LocalDateTime.of(2026, 3, 30, 19, 0));
  }

  @Test
  public void neverGoesSlowerOrBackwards() {
    assertThrows(
        IllegalArgumentException.class,
        () -> HurriedClock.from(LocalDateTime.of(2026, 3, 28, 18, 0), 0, Clock.system(BERLIN)));
  }
}
