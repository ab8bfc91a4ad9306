package ulnaawl.server.sharing;

import java.time.LocalDateTime;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.access.SignedIn;

/** The polls of a group, as who leads sees them. */
@RestController
@RequestMapping("/api/groups/{id}/polls")
@RequiredArgsConstructor
class PollController {

  private final Polls polls;

  /** How often a dance was ticked. */
  record TickedView(long dance, String title, int votes) {}

  /**
   * A poll that is open.
   *
   * @param devices how many have voted
   */
  record PollView(long id, LocalDateTime goodUntil, int devices, List<TickedView> ticked) {}

  @GetMapping
  List<PollView> of(@PathVariable long id) {
    return polls.of(id).stream()
        .map(it ->
            new PollView(
                it.link().id(),
                it.link().goodUntil(),
                it.devices(),
                it.ticked().stream()
                    .map(one -> new TickedView(one.dance(), one.title(), one.votes()))
                    .toList()))
        .toList();
  }

  /** Closes it; what was ticked is asked for. */
  @PostMapping("/{poll}/count")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void count(@PathVariable long id, @PathVariable long poll, @AuthenticationPrincipal SignedIn me) {
    polls.count(id, poll, me);
  }
}
