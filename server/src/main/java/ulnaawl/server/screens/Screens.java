package ulnaawl.server.screens;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.Problem;

/**
 * The open screens. They live in memory: a screen is for one evening. Whoever opened it leads it;
 * whoever has its code looks on.
 */
@Service
class Screens {

  /** A screen that nobody leads for so long is closed. */
  private static final Duration KEPT = Duration.ofHours(6);

  private static final int MOST_OF_ONE = 3;
  private static final int MOST = 200;
  private static final int MOST_LOOKING_ON = 20;
  private static final int MOST_LOOKING_ON_IN_ALL = 500;

  /** Without a word for so long a proxy or a browser would think that nobody is there. */
  private static final int SIGN_OF_LIFE_SECONDS = 15;

  private final Map<ScreenCode, Screen> screens = new ConcurrentHashMap<>();
  private final InstantSource clock = InstantSource.system();

  /** A screen: who leads it, what it shows, who looks on. */
  private static final class Screen {

    private final long leader;
    private final List<SseEmitter> lookingOn = new CopyOnWriteArrayList<>();
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
      screen.lookingOn.forEach(it -> send(screen, it, state));
    }
  }

  void close(ScreenCode code, SignedIn me) {
    led(code, me);
    close(code);
  }

  private void close(ScreenCode code) {
    Screen screen = screens.remove(code);
    if (screen != null) {
      screen.lookingOn.forEach(SseEmitter::complete);
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
    SseEmitter emitter = new SseEmitter(0L);
    Runnable gone = () -> screen.lookingOn.remove(emitter);
    emitter.onCompletion(gone);
    emitter.onTimeout(gone);
    emitter.onError(_ -> gone.run());
    synchronized (screen) {
      screen.lookingOn.add(emitter);
      screen.state.ifPresent(it -> send(screen, emitter, it));
    }
    return emitter;
  }

  private static void send(Screen screen, SseEmitter emitter, ScreenState state) {
    try {
      emitter.send(SseEmitter.event().name("state").data(state));
    } catch (IOException | IllegalStateException e) {
      screen.lookingOn.remove(emitter);
    }
  }

  @Scheduled(fixedDelay = SIGN_OF_LIFE_SECONDS, timeUnit = TimeUnit.SECONDS)
  void signOfLife() {
    closeOld();
    screens.values().forEach(screen -> screen.lookingOn.removeIf(it -> !isThere(it)));
  }

  private static boolean isThere(SseEmitter emitter) {
    try {
      emitter.send(SseEmitter.event().comment("here"));
      return true;
    } catch (IOException | IllegalStateException e) {
      return false;
    }
  }

  private void closeOld() {
    Instant oldest = clock.instant().minus(KEPT);
    screens.entrySet().stream()
        .filter(it -> it.getValue().led.isBefore(oldest))
        .map(Map.Entry::getKey)
        .toList()
        .forEach(this::close);
  }

  /** An open stream must not hold up the stop of the server. */
  @EventListener(ContextClosedEvent.class)
  void closeAll() {
    screens.keySet().forEach(this::close);
  }
}
