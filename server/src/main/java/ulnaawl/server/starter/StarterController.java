package ulnaawl.server.starter;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.Level;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.starter.StarterDances.Read;

/** Easy dances for a club that has none yet. */
@RestController
@RequestMapping("/api/starter-dances")
@RequiredArgsConstructor
class StarterController {

  private final StarterDances starters;

  /**
   * A dance that can be taken.
   *
   * @param file by which it is asked for
   * @param here whether the club has one of that title
   */
  record StarterDance(
      String file,
      String title,
      Level level,
      int counts,
      int walls,
      List<String> figures,
      String note,
      boolean here) {

    static StarterDance of(Read read) {
      return new StarterDance(
          read.starter().file(),
          read.dance().dance().title(),
          read.dance().level().level(),
          read.dance().dance().main().counts(),
          read.dance().dance().walls(),
          read.figures(),
          read.note(),
          read.here());
    }
  }

  /** Dances to take, by their files. */
  record TakeStarters(@NotEmpty @Size(max = 50) Set<@NotNull @Size(max = 60) String> files) {}

  /** How many came. */
  record StartersTaken(int taken) {}

  @GetMapping
  List<StarterDance> all() {
    return starters.all().stream().map(StarterDance::of).toList();
  }

  @PostMapping
  StartersTaken take(
      @Valid @RequestBody TakeStarters wanted, @AuthenticationPrincipal SignedIn me) {
    return new StartersTaken(starters.take(wanted.files(), me));
  }
}
