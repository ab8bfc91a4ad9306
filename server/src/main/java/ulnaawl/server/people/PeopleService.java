package ulnaawl.server.people;

import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.InstructorOnly;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Role;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;

/** Signing in, the first instructor, and colleagues. */
@Service
public class PeopleService {

  private final PeopleStore store;
  private final PasswordEncoder passwords;
  private final SignInGuard guard;
  private final ApplicationEventPublisher events;
  private final Today today;
  private final String noPassword;

  PeopleService(
      PeopleStore store,
      PasswordEncoder passwords,
      SignInGuard guard,
      ApplicationEventPublisher events,
      Today today) {
    this.store = store;
    this.passwords = passwords;
    this.guard = guard;
    this.events = events;
    this.today = today;
    this.noPassword = java.util.Objects.requireNonNull(passwords.encode("nobody's password"));
  }

  /** Whether nobody may sign in yet, so that the first instructor can be made. */
  public boolean needsSetup() {
    return store.isEmpty();
  }

  /** The person with this name and password. */
  SignedIn signIn(String name, String password) {
    guard.admit(name);
    Optional<Person> person = store.named(name);
    // An unknown name costs as much time as a wrong password, so that neither is told apart.
    boolean right =
        passwords.matches(password, person.map(Person::passwordHash).orElse(noPassword));
    if (!right || person.isEmpty()) {
      guard.failed(name);
      throw Problem.notSignedIn("The name or the password is wrong.");
    }
    guard.succeeded(name);
    return new SignedIn(person.get().id(), person.get().name(), person.get().role());
  }

  /** Makes the first instructor; refused as soon as there is anybody. */
  @Transactional
  public synchronized SignedIn setUp(String name, String password) {
    if (!store.isEmpty()) {
      throw Problem.conflict("The first instructor has been made already; sign in.");
    }
    return add(name, password, Role.INSTRUCTOR, name);
  }

  @InstructorOnly
  List<Person> all() {
    return store.all();
  }

  @InstructorOnly
  @Transactional
  SignedIn addColleague(String name, String password, Role role, SignedIn by) {
    if (store.named(name).isPresent()) {
      throw Problem.conflict("There is somebody called " + name.strip() + " already.");
    }
    return add(name, password, role, by.name());
  }

  /** Adds somebody without a role check, for setting up and for the demo club. */
  @Transactional
  public SignedIn add(String name, String password, Role role, String by) {
    String clean = name.strip();
    String hash = java.util.Objects.requireNonNull(passwords.encode(password));
    long id = store.add(clean, hash, role, today.moment());
    events.publishEvent(Change.of(Thing.PERSON, id, Action.ADDED, by, clean));
    return new SignedIn(id, clean, role);
  }
}
