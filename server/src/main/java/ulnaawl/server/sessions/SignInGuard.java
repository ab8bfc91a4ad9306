package ulnaawl.server.sessions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.Problem;

/**
 * Slows down guessing. A try is counted before the password is looked at, so that many at once are
 * no way round; after some free ones each further try waits twice as long as the last. Whoever
 * signs in from a device that has signed in as the same person before is counted on that device
 * alone: nobody else's guesses can lock them out.
 */
@Component
class SignInGuard {

  /** Tries for a name, or on a device, before one has to wait. */
  static final int FREE = 8;

  /** Tries from one address: a whole hall may sit behind it. */
  static final int FREE_FROM_ADDRESS = 40;

  private static final Duration FORGET = Duration.ofHours(1);
  private static final int MOST_KEPT = 50_000;

  /** Who is counted. */
  private sealed interface Counted {
    record Name(String key) implements Counted {}

    record Address(String address) implements Counted {}

    record Device(long person, String token) implements Counted {}

    record Link(String address) implements Counted {}

    record SetUp() implements Counted {}
  }

  private final InstantSource clock;
  private final Cache<Counted, Tries> tries =
      Caffeine.newBuilder().expireAfterAccess(FORGET).maximumSize(MOST_KEPT).build();

  @Autowired
  SignInGuard() {
    this(InstantSource.system());
  }

  SignInGuard(InstantSource clock) {
    this.clock = clock;
  }

  /**
   * Lets a try from a device that nobody knows happen, or not.
   *
   * @throws Problem where there were too many for the name, or from the address
   */
  void admit(String name, String address) {
    // What the name refuses was never looked at: it is not held against everybody at that address.
    take(new Counted.Name(key(name)), FREE, "for this name");
    take(new Counted.Address(address), FREE_FROM_ADDRESS, "from here");
  }

  /**
   * Lets a try from a device that is known happen, or not.
   *
   * @throws Problem where there were too many on this very device
   */
  void admitDevice(long person, String token) {
    take(new Counted.Device(person, token), FREE, "here");
  }

  /**
   * Lets a try to set the club up happen, or not.
   *
   * @throws Problem where there were too many
   */
  void admitSetUp() {
    take(new Counted.SetUp(), FREE, "here");
  }

  /**
   * Lets a try with the word of a link happen, or not.
   *
   * @throws Problem where there were too many from the address
   */
  void admitLink(String address) {
    take(new Counted.Link(address), FREE, "from here");
  }

  /** The word of a link was right: the try is given back. */
  void succeededLink(String address) {
    giveBack(new Counted.Link(address));
  }

  /** A try that was right is given back; those before it stay counted. */
  void succeeded(String name, String address) {
    giveBack(new Counted.Address(address));
    giveBack(new Counted.Name(key(name)));
  }

  /** On a device that is known, the right password ends all counting. */
  void succeededDevice(long person, String token) {
    tries.invalidate(new Counted.Device(person, token));
  }

  private void take(Counted who, int free, String where) {
    Instant now = clock.instant();
    Duration wait = tries.get(who, _ -> new Tries(free)).take(now);
    if (!wait.isZero()) {
      throw Problem.tooMany(
          "Too many wrong tries " + where + "; wait " + words(wait) + ", then try again.");
    }
  }

  private void giveBack(Counted who) {
    Tries counted = tries.getIfPresent(who);
    if (counted != null) {
      counted.giveBack();
    }
  }

  private static String words(Duration wait) {
    long seconds = Math.max(1, wait.toSeconds());
    if (seconds < 60) {
      return seconds + (seconds == 1 ? " second" : " seconds");
    }
    long minutes = (seconds + 59) / 60;
    return minutes + (minutes == 1 ? " minute" : " minutes");
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
