package ulnaawl.server.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;

/**
 * A clock that begins at a moment of one's choice and may go faster than the real one, so that a
 * test lives through days in hours.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
final class HurriedClock extends Clock {

  private final Instant began;
  private final Instant from;
  private final int times;
  private final Clock real;

  /**
   * One that begins now.
   *
   * @param shown what it shows now, in the zone of the real clock
   * @param times how many times as fast as the real one it goes, from 1
   * @param real the clock it goes by
   */
  static Clock from(LocalDateTime shown, int times, Clock real) {
    if (times < 1) {
      throw new IllegalArgumentException("A clock goes at least as fast as the real one: " + times);
    }
    return new HurriedClock(real.instant(), shown.atZone(real.getZone()).toInstant(), times, real);
  }

  @Override
  public ZoneId getZone() {
    return real.getZone();
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return new HurriedClock(began, from, times, real.withZone(zone));
  }

  @Override
  public Instant instant() {
    return from.plus(Duration.between(began, real.instant()).multipliedBy(times));
  }
}
