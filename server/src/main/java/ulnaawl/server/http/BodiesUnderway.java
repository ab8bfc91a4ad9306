package ulnaawl.server.http;

import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;

/** Bodies that are being read: so many from one address, so much in all, so long each. */
final class BodiesUnderway {

  /** From one address: a hall full of phones sends fewer. */
  static final int MOST_FROM_ONE = 256;

  /** Bytes of all that have come so far. */
  private static final long MOST_BYTES = 32L * 1024 * 1024;

  private static final Duration LONGEST = Duration.ofSeconds(20);
  private static final int FIRST_BYTES = 8 * 1024;

  private final Map<String, AtomicInteger> byAddress = new ConcurrentHashMap<>();
  private final AtomicLong bytes = new AtomicLong();

  /** There are too many already. */
  static final class TooMany extends Exception {}

  /** It did not come to its end in time. */
  static final class TooSlow extends Exception {}

  /**
   * Reads a body to its end.
   *
   * @param length bytes that were announced
   */
  byte[] read(String address, int length, InputStream in) throws TooMany, TooSlow, IOException {
    AtomicInteger here = byAddress.computeIfAbsent(address, _ -> new AtomicInteger());
    Share share = new Share();
    try {
      if (here.incrementAndGet() > MOST_FROM_ONE) {
        throw new TooMany();
      }
      return read(length, in, share);
    } finally {
      share.giveBack();
      if (here.decrementAndGet() == 0) {
        byAddress.computeIfPresent(address, (_, count) -> count.get() == 0 ? null : count);
      }
    }
  }

  private byte[] read(int length, InputStream in, Share share)
      throws TooMany, TooSlow, IOException {
    long end = System.nanoTime() + LONGEST.toNanos();
    byte[] body = new byte[Math.min(length, FIRST_BYTES)];
    share.take(body.length);
    int read = 0;
    while (read < length) {
      if (read == body.length) {
        int larger = (int) Math.min(length, 2L * body.length);
        share.take(larger - body.length);
        body = Arrays.copyOf(body, larger);
      }
      int now = in.read(body, read, body.length - read);
      if (now < 0 || System.nanoTime() > end) {
        throw new TooSlow();
      }
      read += now;
    }
    return body;
  }

  /** What one body takes of what all may have. */
  private final class Share {
    private long taken;

    void take(long more) throws TooMany {
      taken += more;
      if (bytes.addAndGet(more) > MOST_BYTES) {
        throw new TooMany();
      }
    }

    void giveBack() {
      bytes.addAndGet(-taken);
    }
  }
}
