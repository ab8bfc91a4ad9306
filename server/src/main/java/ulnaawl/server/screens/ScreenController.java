package ulnaawl.server.screens;

import jakarta.validation.Valid;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.runthrough.RunThroughView;
import ulnaawl.server.runthrough.ShownRun;

/** The second screen: led by somebody who is signed in, looked at by whoever has the code. */
@RestController
@RequestMapping("/api/screens")
@RequiredArgsConstructor
class ScreenController {

  private final Screens screens;
  private final ShownRun runs;

  /** An open screen and its code. */
  record OpenedScreen(String code) {}

  /** What a screen shows; nothing before its leader has shown anything. */
  record ShownScreen(@Nullable ScreenState state, @Nullable RunThroughView run) {}

  /** The server's clock, in milliseconds. */
  record ClockView(double millis) {}

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  OpenedScreen open(@AuthenticationPrincipal SignedIn me) {
    return new OpenedScreen(screens.open(me).shown());
  }

  /** Shows something on it. */
  @PutMapping("/{code}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void show(
      @PathVariable String code,
      @Valid @RequestBody ScreenState state,
      @AuthenticationPrincipal SignedIn me) {
    // What cannot be danced is refused here, not on every screen.
    runs.of(state.dance(), state.scope());
    screens.show(own(code), state, me);
  }

  @DeleteMapping("/{code}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void close(@PathVariable String code, @AuthenticationPrincipal SignedIn me) {
    screens.close(own(code), me);
  }

  private static ScreenCode own(String code) {
    return ScreenCode.typed(code)
        .orElseThrow(() -> Problem.gone("This screen is closed; open it anew."));
  }

  /** What is shown, with the dance that is danced. */
  @GetMapping("/{code}")
  ShownScreen shown(@PathVariable String code) {
    Optional<ScreenState> state = screens.state(typed(code));
    return new ShownScreen(
        state.orElse(null), state.map(it -> runs.of(it.dance(), it.scope())).orElse(null));
  }

  /** Follows it, as server-sent events. */
  @GetMapping(value = "/{code}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter follow(@PathVariable String code) {
    return screens.follow(typed(code));
  }

  private static ScreenCode typed(String code) {
    return ScreenCode.typed(code)
        .orElseThrow(
            () -> Problem.gone("A code has ten letters and digits, none of them 0, 1, I, O."));
  }

  /** What time it is here, so that a device can set its own clock by it. */
  @GetMapping("/clock")
  ResponseEntity<ClockView> clock() {
    Instant now = InstantSource.system().instant();
    double millis = now.getEpochSecond() * 1000.0 + now.getNano() / 1_000_000.0;
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(new ClockView(millis));
  }
}
