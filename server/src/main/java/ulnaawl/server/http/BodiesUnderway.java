package ulnaawl.server.http;

import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import lombok.RequiredArgsConstructor;

/**
 * Bodies of one kind that are being read, and worked on: so many of one sender, so much of one and
 * of all together, so long each. What one kind takes up is never another's.
 */
@RequiredArgsConstructor
final class BodiesUnderway {

  private static final Duration FREE_TIME = Duration.ofSeconds(20);

  /** Bytes a second that come even over a poor line. */
  private static final int LEAST_SPEED = 64 * 1024;

  private static final int FIRST_BYTES = 8 * 1024;

  /** Bodies of one sender at the same time. */
  private final int mostOfOne;

  /** Bytes that have come so far, of one sender. */
  private final long mostBytesOfOne;

  /** Bytes that have come so far, of all senders. */
  private final long mostBytes;

  private final Map<String, Sender> senders = new ConcurrentHashMap<>();
  private final AtomicLong bytes = new AtomicLong();

  /** Who sends, and how much of theirs is here. */
  private static final class Sender {
    private final AtomicInteger bodies = new AtomicInteger();
    private final AtomicLong bytes = new AtomicLong();
  }

  /** There are too many already. */
  static final class TooMany extends Exception {}

  /** It did not come to its end in time. */
  static final class TooSlow extends Exception {}

  /** A body from its first byte until nobody works on it any more; it is closed once. */
  final class Body implements AutoCloseable {
    private final String who;
    private final Sender sender;
    private byte[] content = new byte[0];
    private long taken;

    private Body(String who, Sender sender) {
      this.who = who;
      this.sender = sender;
    }

    byte[] content() {
      return content;
    }

    /**
     * Reads it to its end.
     *
     * @param length bytes that were announced
     */
    void read(int length, InputStream in) throws TooMany, TooSlow, IOException {
      long seconds = FREE_TIME.toSeconds() + length / LEAST_SPEED;
      long end = System.nanoTime() + Duration.ofSeconds(seconds).toNanos();
      grow(Math.min(length, FIRST_BYTES));
      int read = 0;
      while (read < length) {
        if (read == content.length) {
          grow((int) Math.min(length, 2L * content.length));
        }
        int now = in.read(content, read, content.length - read);
        if (now < 0 || System.nanoTime() > end) {
          throw new TooSlow();
        }
        read += now;
      }
    }

    private void grow(int size) throws TooMany {
      long more = (long) size - content.length;
      taken += more;
      long ofOne = sender.bytes.addAndGet(more);
      if (bytes.addAndGet(more) > mostBytes || ofOne > mostBytesOfOne) {
        throw new TooMany();
      }
      content = Arrays.copyOf(content, size);
    }

    @Override
    public void close() {
      bytes.addAndGet(-taken);
      sender.bytes.addAndGet(-taken);
      // Only together with the last of a sender goes the sender.
      senders.computeIfPresent(who, (_, one) -> one.bodies.decrementAndGet() == 0 ? null : one);
    }
  }

  /** A body of somebody begins. */
  Body begin(String who) throws TooMany {
    Sender sender =
        senders.compute(
            who,
            (_, known) -> {
              Sender one = known == null ? new Sender() : known;
              one.bodies.incrementAndGet();
              return one;
            });
    Body body = new Body(who, sender);
    if (sender.bodies.get() > mostOfOne) {
      body.close();
      throw new TooMany();
    }
    return body;
  }
}
