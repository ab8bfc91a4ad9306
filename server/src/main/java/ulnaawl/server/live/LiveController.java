package ulnaawl.server.live;

import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import ulnaawl.server.access.SignedIn;

/** What has just changed and who is where, for open pages. */
@RestController
@RequestMapping("/api/live")
@RequiredArgsConstructor
class LiveController {

  private final Live live;

  /** Where a page is; nothing for nowhere of interest. */
  record HereForm(@NotNull @Size(max = 64) String page, @Nullable @Valid Place place) {}

  /**
   * Listens: {@code hello} with the page's name, {@code changed} for every change in the club,
   * {@code there} with everybody who is where the page is.
   */
  @GetMapping(value = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter listen(@AuthenticationPrincipal SignedIn me, HttpSession session) {
    return live.open(me, session);
  }

  @PutMapping("/here")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void here(@Valid @RequestBody HereForm form, @AuthenticationPrincipal SignedIn me) {
    live.at(form.page(), Optional.ofNullable(form.place()), me);
  }
}
