package ulnaawl.server.screens;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import lombok.RequiredArgsConstructor;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.stream.Stream;
import ulnaawl.server.stream.Streams;

/**
 * The open screens. They live in memory: a screen is for one evening. Whoever opened it leads it;
 * whoever has its code looks on.
 */
@Service
@RequiredArgsConstructor
class Screens {

  /** A screen that nobody leads for so long is closed. */
  private static final Duration KEPT = Duration.ofHours(6);

  private static final String STATE = "state";
  private static final int MOST_OF_ONE = 3;
  private static final int MOST = 200;
  private static final int MOST_LOOKING_ON = 20;
  private static final int MOST_LOOKING_ON_IN_ALL = 500;

  private final Map<ScreenCode, Screen> screens = new ConcurrentHashMap<>();
  private final InstantSource clock = InstantSource.system();
  private final Streams streams;

  /** A screen: who leads it, what it shows, who looks on. */
  private static final class Screen {

    private final long leader;
    private final List<Stream> lookingOn = new CopyOnWriteArrayList<>();
    private volatile Optional<ScreenState> state = Optional.empty();
    private volatile Instant led;

    Screen(long leader, Instant now) {
      this.leader = leader;
      this.led = now;
    }
  }

  /** Opens a screen; the oldest of that person is closed where there are too many. */
  synchronized ScreenCode open(SignedIn me) {
    closeOld();
    List<Map.Entry<ScreenCode, Screen>> own =
        screens.entrySet().stream().filter(it -> it.getValue().leader == me.id()).toList();
    if (own.size() >= MOST_OF_ONE) {
      own.stream()
          .min(Map.Entry.comparingByValue((one, other) -> one.led.compareTo(other.led)))
          .ifPresent(oldest -> close(oldest.getKey()));
    }
    if (screens.size() >= MOST) {
      throw Problem.tooMany("Too many screens are open; close one first.");
    }
    ScreenCode code = ScreenCode.byChance();
    while (screens.containsKey(code)) {
      code = ScreenCode.byChance();
    }
    screens.put(code, new Screen(me.id(), clock.instant()));
    return code;
  }

  /** Shows something, to everybody who looks on. */
  void show(ScreenCode code, ScreenState state, SignedIn me) {
    Screen screen = led(code, me);
    synchronized (screen) {
      screen.led = clock.instant();
      screen.state = Optional.of(state);
      screen.lookingOn.forEach(it -> it.tell(STATE, state));
    }
  }

  void close(ScreenCode code, SignedIn me) {
    led(code, me);
    close(code);
  }

  private void close(ScreenCode code) {
    Screen screen = screens.remove(code);
    if (screen != null) {
      screen.lookingOn.forEach(Stream::close);
    }
  }

  /** Only who opened a screen leads it; for anybody else it is not there. */
  private Screen led(ScreenCode code, SignedIn me) {
    return Optional.ofNullable(screens.get(code))
        .filter(it -> it.leader == me.id())
        .orElseThrow(() -> Problem.gone("This screen is closed; open it anew."));
  }

  private Screen get(ScreenCode code) {
    return Optional.ofNullable(screens.get(code))
        .orElseThrow(() -> Problem.gone("No screen is open with this code; ask for the new one."));
  }

  /** What a screen shows; empty before its leader has shown anything. */
  Optional<ScreenState> state(ScreenCode code) {
    return get(code).state;
  }

  /** Follows a screen: what it shows now comes at once, every change as it happens. */
  SseEmitter follow(ScreenCode code) {
    Screen screen = get(code);
    int all = screens.values().stream().mapToInt(it -> it.lookingOn.size()).sum();
    if (screen.lookingOn.size() >= MOST_LOOKING_ON || all >= MOST_LOOKING_ON_IN_ALL) {
      throw Problem.tooMany("Too many screens follow this one already.");
    }
    synchronized (screen) {
      Stream stream = streams.open(screen.lookingOn::remove);
      screen.lookingOn.add(stream);
      screen.state.ifPresent(it -> stream.tell(STATE, it));
      return stream.emitter();
    }
  }

  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.MINUTES)
  void closeOld() {
    Instant oldest = clock.instant().minus(KEPT);
    screens.entrySet().stream()
        .filter(it -> it.getValue().led.isBefore(oldest))
        .map(Map.Entry::getKey)
        .toList()
        .forEach(this::close);
  }
}
