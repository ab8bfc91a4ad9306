package ulnaawl.server.people;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.SignedIn;

/** Invitations that an owner makes and takes back. */
@RestController
@RequestMapping("/api/invitations")
@RequiredArgsConstructor
class InvitationController {

  private final Invitations invitations;
  private final Roles roles;

  /** Somebody to invite; the name may be left empty. */
  record InvitationForm(
      @NotNull @Size(max = 60) String name, @NotNull @Size(max = 20) String role) {}

  /** An invitation that is open; moments in universal time. */
  record InvitationView(
      long id, String name, Role role, PersonId by, LocalDateTime at, LocalDateTime goodUntil) {}

  /** The end of the link's address. */
  record InvitationLink(String word) {}

  @GetMapping
  List<InvitationView> open() {
    return invitations.good().stream()
        .map(it ->
            new InvitationView(
                it.id(), it.name(), it.role(), it.madeBy(), it.madeAt(), it.goodUntil()))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  InvitationLink make(
      @Valid @RequestBody InvitationForm form, @AuthenticationPrincipal SignedIn me) {
    return new InvitationLink(invitations.make(form.name(), roles.wanted(form.role()), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revoke(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    invitations.revoke(id, me);
  }
}
