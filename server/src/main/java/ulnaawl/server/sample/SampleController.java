package ulnaawl.server.sample;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.access.Role;

/** A sample club beside one's own. */
@RestController
@RequestMapping("/api/sample")
@RequiredArgsConstructor
class SampleController {

  private final SampleClub club;

  /** How far it is. */
  enum SampleState {
    CLOSED,
    OPENING,
    OPEN,
    /** It ended before anybody could look around in it. */
    FAILED
  }

  /** Somebody in it, whom one can be. */
  record SamplePersonView(String name, Role role) {}

  /**
   * The sample club as it is now.
   *
   * @param whyNot why there can be none here
   * @param port where it listens, on the same machine
   * @param password with which everybody in it signs in; another one each time
   */
  record SampleNow(
      SampleState state,
      @Nullable String whyNot,
      @Nullable Integer port,
      @Nullable String password,
      List<SamplePersonView> people) {}

  @GetMapping
  SampleNow now() {
    return shown(club.now());
  }

  /** Opens one; whether it is ready is asked for again. */
  @PostMapping
  @ResponseStatus(HttpStatus.ACCEPTED)
  SampleNow open() {
    return shown(Optional.of(club.open()));
  }

  /** Removes it with everything that was written in it. */
  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove() {
    club.remove();
  }

  private SampleNow shown(Optional<OpenSample> sample) {
    Optional<OpenSample> ready = sample.filter(OpenSample::isReady);
    return new SampleNow(
        sample.map(SampleController::state).orElse(SampleState.CLOSED),
        club.whyNot().orElse(null),
        ready.map(OpenSample::port).orElse(null),
        ready.map(OpenSample::password).orElse(null),
        Stream.of(SamplePerson.values())
            .map(it -> new SamplePersonView(it.fullName(), it.role()))
            .toList());
  }

  private static SampleState state(OpenSample sample) {
    if (sample.isReady()) {
      return SampleState.OPEN;
    }
    if (sample.failed()) {
      return SampleState.FAILED;
    }
    return sample.isAlive() ? SampleState.OPENING : SampleState.CLOSED;
  }
}
