package ulnaawl.server.register;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.learning.Attendance;
import ulnaawl.learning.Register;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Today;

/** Who comes to a group. */
@RestController
@RequestMapping("/api/groups/{id}")
@RequiredArgsConstructor
class RegisterController {

  private final Registers registers;
  private final Today today;

  /** What a group keeps of who comes. */
  record RegisterForm(@NotNull RegisterKind kind) {}

  /** A display name. */
  record DancerForm(@NotBlank @Size(max = 60) String name) {}

  /** Somebody in the register; a regular came to half of the last classes. */
  record DancerView(long id, String name, boolean regular) {}

  /**
   * Who came on a day.
   *
   * @param there numbers of those in the register; nothing where heads were counted
   */
  record CameView(LocalDate day, int heads, @Nullable Set<Long> there, int version) {}

  /** What is kept of who comes. */
  record RegisterView(RegisterKind kind, List<DancerView> dancers, List<CameView> came) {}

  @GetMapping("/register")
  @KeepAnswer
  RegisterView register(@PathVariable long id) {
    RegisterKind kind = registers.kind(id);
    Map<LocalDate, Attendance> all = new TreeMap<>(registers.attendance(id));
    Map<LocalDate, Integer> versions = registers.versions(id);
    Set<Long> regulars = new Register(all).regulars(today.date());
    return new RegisterView(
        kind,
        registers.dancers(id).stream()
            .map(it -> new DancerView(it.id(), it.name(), regulars.contains(it.id())))
            .toList(),
        all.entrySet().stream()
            .map(it -> came(it.getKey(), it.getValue(), versions.getOrDefault(it.getKey(), 0)))
            .toList());
  }

  private static CameView came(LocalDate day, Attendance who, int version) {
    Set<Long> names = who instanceof Attendance.ByName it ? it.there() : null;
    return new CameView(day, who.heads(), names, version);
  }

  /** How many came on a day. */
  record HeadsView(LocalDate day, int heads) {}

  /** How many came, for whoever does not see who. */
  @GetMapping("/heads")
  @KeepAnswer
  List<HeadsView> heads(@PathVariable long id) {
    return register(id).came().stream().map(it -> new HeadsView(it.day(), it.heads())).toList();
  }

  @PutMapping("/register")
  RegisterView keep(
      @PathVariable long id,
      @Valid @RequestBody RegisterForm form,
      @AuthenticationPrincipal SignedIn me) {
    registers.keep(id, form.kind(), me);
    return register(id);
  }

  @PostMapping("/register/dancers")
  RegisterView add(
      @PathVariable long id,
      @Valid @RequestBody DancerForm form,
      @AuthenticationPrincipal SignedIn me) {
    registers.add(id, form.name(), me);
    return register(id);
  }

  /** Deletes a name for good, in every group and from every class. */
  @DeleteMapping("/register/dancers/{dancer}")
  RegisterView remove(
      @PathVariable long id, @PathVariable long dancer, @AuthenticationPrincipal SignedIn me) {
    registers.remove(id, dancer, me);
    return register(id);
  }

  @PutMapping("/register/days/{day}")
  RegisterView cameOn(
      @PathVariable long id,
      @PathVariable LocalDate day,
      @Valid @RequestBody CameForm form,
      @AuthenticationPrincipal SignedIn me) {
    registers.came(id, day, form.who(), form.version(), me);
    return register(id);
  }
}
