package ulnaawl.server.people;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
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
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.BuiltInRoles;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.people.RoleStore.OwnRole;

/** What people may do. */
@RestController
@RequestMapping("/api/roles")
@RequiredArgsConstructor
class RoleController {

  private final Roles roles;

  /**
   * A role.
   *
   * @param version counts its changes, from 1; 0 where it is built in
   * @param holders how many have it or are invited to it
   * @param given whether whoever asks may give it
   */
  record RoleView(Role role, boolean builtIn, int version, int holders, boolean given) {}

  /**
   * Something that a role lets people do.
   *
   * @param words what a role does that has it
   * @param brings what comes with it
   * @param offered whether a role of the club's own may have it
   */
  record AbilityView(Ability ability, String words, Set<Ability> brings, boolean offered) {}

  /** All roles, and of what they can be made. */
  record RoleList(List<RoleView> roles, List<AbilityView> abilities) {}

  /** A role of the club's own. */
  record RoleForm(
      @NotBlank @Size(max = 40) String name,
      @NotNull @Size(max = 20) Set<@NotNull Ability> abilities,
      int version) {}

  @GetMapping
  RoleList all(@AuthenticationPrincipal SignedIn me) {
    return new RoleList(
        Stream.concat(
                BuiltInRoles.all().stream().map(it -> view(it, 0, me)),
                roles.own().stream().map(it -> view(it, me)))
            .toList(),
        Stream.of(Ability.values())
            .map(
                it -> new AbilityView(it, it.words(), Ability.complete(Set.of(it)), it.isOffered()))
            .toList());
  }

  private RoleView view(OwnRole own, SignedIn me) {
    return view(own.role(), own.version(), me);
  }

  private RoleView view(Role role, int version, SignedIn me) {
    return new RoleView(
        role, version == 0, version, roles.holders(role.code()), me.role().covers(role));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  RoleView add(@Valid @RequestBody RoleForm form, @AuthenticationPrincipal SignedIn me) {
    return view(roles.add(form.name(), form.abilities(), me), me);
  }

  @PutMapping("/{code}")
  RoleView change(
      @PathVariable String code,
      @Valid @RequestBody RoleForm form,
      @AuthenticationPrincipal SignedIn me) {
    return view(roles.change(code, form.version(), form.name(), form.abilities(), me), me);
  }

  @DeleteMapping("/{code}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @PathVariable String code, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    roles.remove(code, version, me);
  }
}
