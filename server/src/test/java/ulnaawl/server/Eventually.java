package ulnaawl.server;

import java.time.Duration;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;

/** Waits for what happens by itself, however slow the machine is. */
final class Eventually {

  private static final Duration LONGEST = Duration.ofMinutes(5);
  private static final Duration BETWEEN = Duration.ofMillis(50);

  private Eventually() {}

  /**
   * Comes back once it is so.
   *
   * @throws AssertionError with these words where it is not so in minutes
   */
  static void is(BooleanSupplier so, String words) {
    long end = System.nanoTime() + LONGEST.toNanos();
    while (!so.getAsBoolean()) {
      if (System.nanoTime() > end) {
        throw new AssertionError(words);
      }
      LockSupport.parkNanos(BETWEEN.toNanos());
    }
  }
}
