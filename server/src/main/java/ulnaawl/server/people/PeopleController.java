package ulnaawl.server.people;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.KeepAnswer;

/** Colleagues. */
@RestController
@RequestMapping("/api/people")
@RequiredArgsConstructor
class PeopleController {

  private final PeopleService people;
  private final PasswordLinks links;
  private final Roles roles;

  /** A colleague, as an owner sees one; the moment to the hour, in universal time. */
  record Colleague(long id, String name, Role role, int version, @Nullable LocalDateTime lastSeen) {
    static Colleague of(Person person) {
      return new Colleague(
          person.id(),
          person.name(),
          person.role(),
          person.version(),
          person.lastSeen().orElse(null));
    }
  }

  /** What a colleague is called and may do from now on. */
  record ColleagueChange(
      @NotBlank @Size(max = 60) String name, @NotNull @Size(max = 20) String role, int version) {}

  /** The end of a link's address; the person at the other end chooses a password with it. */
  record PasswordLink(String word) {}

  @GetMapping
  List<Colleague> colleagues() {
    return people.everybody().stream().map(Colleague::of).toList();
  }

  /** All who may lead a class. */
  @GetMapping("/leaders")
  @KeepAnswer
  List<PersonId> leaders() {
    return people.leaders();
  }

  /** Somebody who has left, and whom the records name. */
  record FormerColleague(long id, String name, int version) {}

  /** Those who have left, and whom the records name. */
  @GetMapping("/left")
  List<FormerColleague> left() {
    return people.left().stream()
        .map(it -> new FormerColleague(it.id(), it.name(), it.version()))
        .toList();
  }

  /** Somebody who has left is not named any more. */
  @DeleteMapping("/left/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forgetLeft(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    people.forgetLeft(id, version, me);
  }

  @PutMapping("/{id}")
  Colleague change(
      @PathVariable long id,
      @Valid @RequestBody ColleagueChange change,
      @AuthenticationPrincipal SignedIn me) {
    return Colleague.of(
        people.change(id, change.version(), change.name(), roles.wanted(change.role()), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @PathVariable long id,
      @RequestParam int version,
      @RequestParam(defaultValue = "false") boolean forget,
      @AuthenticationPrincipal SignedIn me) {
    people.remove(id, version, forget, me);
  }

  @PostMapping("/{id}/password-link")
  @ResponseStatus(HttpStatus.CREATED)
  PasswordLink link(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    return new PasswordLink(links.make(id, me));
  }
}
