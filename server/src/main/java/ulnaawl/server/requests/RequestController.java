package ulnaawl.server.requests;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.platform.KeepAnswer;

/** What people of a group ask for. */
@RestController
@RequestMapping("/api/groups/{id}")
@RequiredArgsConstructor
class RequestController {

  private final Requests requests;
  private final DanceService dances;

  /** Somebody asks for a dance. */
  record RequestForm(
      long dance,
      @NotBlank @Size(max = 60) String askedBy,
      @NotNull @Size(max = 200) String note) {}

  /** A request, and when it was answered. */
  record RequestView(
      long id,
      long dance,
      String title,
      String askedBy,
      int people,
      LocalDate askedOn,
      String note,
      PersonId by,
      @Nullable LocalDate answeredOn) {}

  @GetMapping("/requests")
  @KeepAnswer
  List<RequestView> requests(@PathVariable long id) {
    return requests.of(id).stream()
        .map(one -> {
          RequestRow row = one.row();
          return new RequestView(
              row.id(),
              row.dance(),
              dances.get(row.dance()).title(),
              row.askedBy(),
              row.people(),
              row.askedOn(),
              row.note(),
              row.by(),
              one.answeredOn().orElse(null));
        })
        .toList();
  }

  @PostMapping("/requests")
  List<RequestView> ask(
      @PathVariable long id,
      @Valid @RequestBody RequestForm form,
      @AuthenticationPrincipal SignedIn me) {
    requests.ask(id, form.dance(), form.askedBy(), form.note(), me);
    return requests(id);
  }

  @DeleteMapping("/requests/{request}")
  List<RequestView> drop(
      @PathVariable long id, @PathVariable long request, @AuthenticationPrincipal SignedIn me) {
    requests.drop(id, request, me);
    return requests(id);
  }
}
