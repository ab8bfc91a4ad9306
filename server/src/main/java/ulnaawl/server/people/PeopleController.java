package ulnaawl.server.people;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.platform.Role;
import ulnaawl.server.platform.SignedIn;

/** Colleagues. */
@RestController
@RequestMapping("/api/people")
class PeopleController {

  private final PeopleService people;

  PeopleController(PeopleService people) {
    this.people = people;
  }

  /** A colleague, as colleagues see one. */
  record Colleague(long id, String name, Role role) {}

  /** A colleague to add. */
  record NewColleague(
      @NotBlank @Size(max = 60) String name,
      @NotBlank @Size(min = PasswordRules.LEAST, max = PasswordRules.MOST) String password,
      @NotNull Role role) {}

  @GetMapping
  List<Colleague> colleagues() {
    return people.all().stream()
        .map(person -> new Colleague(person.id(), person.name(), person.role()))
        .toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Colleague add(@Valid @RequestBody NewColleague colleague, @AuthenticationPrincipal SignedIn me) {
    SignedIn added =
        people.addColleague(colleague.name(), colleague.password(), colleague.role(), me);
    return new Colleague(added.id(), added.name(), added.role());
  }
}
