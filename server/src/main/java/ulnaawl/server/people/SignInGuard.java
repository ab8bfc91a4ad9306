package ulnaawl.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.Problem;

/** Slows down guessing: after some wrong passwords a name must wait. */
@Component
class SignInGuard {

  static final int MOST_TRIES = 8;
  private static final Duration WAIT = Duration.ofMinutes(5);

  private final Cache<String, AtomicInteger> wrong =
      Caffeine.newBuilder().expireAfterWrite(WAIT).maximumSize(10_000).build();

  void admit(String name) {
    AtomicInteger tries = wrong.getIfPresent(key(name));
    if (tries != null && tries.get() >= MOST_TRIES) {
      throw Problem.tooMany(
          "Too many wrong passwords for this name; wait " + WAIT.toMinutes() + " minutes.");
    }
  }

  void failed(String name) {
    wrong.get(key(name), _ -> new AtomicInteger()).incrementAndGet();
  }

  void succeeded(String name) {
    wrong.invalidate(key(name));
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
