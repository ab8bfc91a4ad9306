package ulnaawl.server.people;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.InstructorOnly;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Role;
import ulnaawl.server.platform.RoomOnDisk;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;

/** Signing in, the first instructor, and colleagues. */
@Service
public class PeopleService {

  private static final String SET_UP_ALREADY =
      "The first instructor has been made already; sign in.";

  /**
   * Looks like the hash of a password, as costly to compare with as one that is made today, and is
   * that of none.
   */
  static final String NOBODYS_HASH =
      "{argon2}$argon2id$v=19$m=16384,t=2,p=1$bm9ib2R5J3Mgc2FsdCEhIQ"
          + "$bm9ib2R5J3MgaGFzaCwgb2Ygbm8gcGFzc3dvcmQgISE";

  private final PeopleStore store;
  private final PasswordEncoder passwords;
  private final SignInGuard guard;
  private final ApplicationEventPublisher events;
  private final Today today;
  private final Devices devices;
  private final PasswordRules rules;
  private final SetUpCode code;
  private final RoomOnDisk room;

  PeopleService(
      PeopleStore store,
      PasswordEncoder passwords,
      SignInGuard guard,
      Devices devices,
      PasswordRules rules,
      SetUpCode code,
      RoomOnDisk room,
      ApplicationEventPublisher events,
      Today today) {
    this.store = store;
    this.passwords = passwords;
    this.guard = guard;
    this.events = events;
    this.today = today;
    this.devices = devices;
    this.rules = rules;
    this.code = code;
    this.room = room;
  }

  private String encoded(String password) {
    return Objects.requireNonNull(passwords.encode(password));
  }

  /** Whether nobody may sign in yet, so that the first instructor can be made. */
  public boolean needsSetup() {
    return store.isEmpty();
  }

  /**
   * Somebody who has signed in.
   *
   * @param device the token by which the device is known from now on
   */
  record Entered(SignedIn who, String device) {}

  /**
   * The person with this name and password.
   *
   * @param address where the request comes from
   * @param device the token that the device sends; empty where it has none
   */
  Entered signIn(String name, String password, String address, String device) {
    Optional<Person> person = store.named(name);
    boolean known = person.filter(it -> devices.knows(it.id(), device)).isPresent();
    if (known) {
      guard.admitDevice(person.orElseThrow().id(), device);
    } else {
      guard.admit(name, address);
    }
    // An unknown name costs as much time as a wrong password, so that neither is told apart.
    boolean right =
        passwords.matches(password, person.map(Person::passwordHash).orElse(NOBODYS_HASH));
    if (!right || person.isEmpty()) {
      throw Problem.notSignedIn("The name or the password is wrong.");
    }
    Person found = person.get();
    if (known) {
      guard.succeededDevice(found.id(), device);
    } else {
      guard.succeeded(name, address);
    }
    SignedIn who = new SignedIn(found.id(), found.name(), found.role());
    if (!room.isLeft()) {
      return new Entered(who, device);
    }
    if (passwords.upgradeEncoding(found.passwordHash())) {
      store.setHash(found.id(), encoded(password));
    }
    return new Entered(who, known ? device : devices.remember(found.id()));
  }

  /** Makes the first instructor, once and with the code; whoever comes second is refused. */
  @Transactional
  public Entered setUp(String name, String password, String typed) {
    if (!store.isEmpty()) {
      throw Problem.conflict(SET_UP_ALREADY);
    }
    guard.admitSetUp();
    if (!code.is(typed)) {
      throw Problem.rejected(
          "This is not the code; it stands in the window in which the server was started.");
    }
    rules.check(name, password);
    try {
      store.markSetUp(today.moment());
    } catch (DuplicateKeyException second) {
      throw Problem.conflict(SET_UP_ALREADY);
    }
    SignedIn first = add(name, password, Role.INSTRUCTOR, name);
    return new Entered(first, devices.remember(first.id()));
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
    rules.check(name, password);
    return add(name, password, role, by.name());
  }

  /** Adds somebody without a role check, for setting up and for the demo club. */
  @Transactional
  public SignedIn add(String name, String password, Role role, String by) {
    String clean = name.strip();
    long id = store.add(clean, encoded(password), role, today.moment());
    events.publishEvent(Change.of(Thing.PERSON, id, Action.ADDED, by, clean));
    return new SignedIn(id, clean, role);
  }
}
