package ulnaawl.server.sessions;

import java.time.Duration;
import java.time.Instant;
import lombok.RequiredArgsConstructor;

/** Tries of one kind: some are free, each one after them makes the next wait twice as long. */
@RequiredArgsConstructor
final class Tries {

  private static final Duration FIRST_WAIT = Duration.ofSeconds(5);
  private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);

  private final int free;
  private int taken;
  private Instant open = Instant.MIN;

  /** Takes one try; zero where it may happen now, else how long to wait, and nothing is taken. */
  synchronized Duration take(Instant now) {
    if (now.isBefore(open)) {
      return Duration.between(now, open);
    }
    taken++;
    if (taken >= free) {
      int doubled = Math.min(taken - free, 16);
      Duration wait = FIRST_WAIT.multipliedBy(1L << doubled);
      open = now.plus(wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait);
    }
    return Duration.ZERO;
  }

  /** The last try was right: it is not counted. */
  synchronized void giveBack() {
    taken = Math.max(0, taken - 1);
    if (taken < free) {
      open = Instant.MIN;
    }
  }
}
