package ulnaawl.server.rulings;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.learning.Stage;
import ulnaawl.server.access.SignedIn;

/** What people say against the record. */
@RestController
@RequestMapping("/api/groups/{id}")
@RequiredArgsConstructor
class RulingController {

  private final Rulings rulings;

  /** Where the group stands, whatever the record says. */
  record RulingForm(@NotNull Stage stage, @NotNull @Size(max = 500) String note) {}

  @PutMapping("/rulings/{dance}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void rule(
      @PathVariable long id,
      @PathVariable long dance,
      @Valid @RequestBody RulingForm form,
      @AuthenticationPrincipal SignedIn me) {
    rulings.rule(id, dance, form.stage(), form.note(), me);
  }

  @DeleteMapping("/rulings/{dance}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBack(
      @PathVariable long id, @PathVariable long dance, @AuthenticationPrincipal SignedIn me) {
    rulings.takeBack(id, dance, me);
  }
}
