package ulnaawl.server.sharing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.plan.Poll;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.runthrough.RunThroughView;
import ulnaawl.server.runthrough.ScopeQuery;
import ulnaawl.server.runthrough.ShownRun;
import ulnaawl.server.sharing.ShareRow.Target;
import ulnaawl.server.sharing.SharedThings.SharedView;

/**
 * What a link shows to whoever has its word. The word comes in a header: addresses are written into
 * logs on the way, and into what a browser remembers.
 */
@RestController
@RequestMapping("/api/shared")
@RequiredArgsConstructor
class SharedController {

  private static final String WORD = "X-Share-Word";

  private final Shares shares;
  private final SharedThings things;
  private final ShownRun runs;
  private final Polls polls;

  @GetMapping
  ResponseEntity<SharedView> show(@RequestHeader(WORD) String word) {
    SharedView view = things.show(shares.use(word).target());
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(view);
  }

  /**
   * What somebody would like to dance next.
   *
   * @param device a word that the device keeps; it has one vote, and a later one takes its place
   */
  record VoteForm(
      @NotNull @Size(min = 16, max = 80) String device,
      @NotNull @Size(max = Poll.MOST_TICKED) Set<Long> dances) {}

  /** The vote of a device, in a poll. */
  @PostMapping("/vote")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void vote(@RequestHeader(WORD) String word, @Valid @RequestBody VoteForm form) {
    polls.vote(shares.use(word), form.device(), form.dances());
  }

  /** The run-through of a link for practice. */
  @GetMapping("/run-through")
  ResponseEntity<RunThroughView> runThrough(
      @RequestHeader(WORD) String word, @ParameterObject @Valid ScopeQuery scope) {
    Target target = shares.use(word).target();
    if (target.kind() != ShareKind.PRACTICE) {
      throw Problem.gone("This link shows something else.");
    }
    RunThroughView view =
        runs.of(
            target.dance().orElseThrow(() -> Problem.gone("This link shows nothing.")),
            scope.view());
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(view);
  }
}
