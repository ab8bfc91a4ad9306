package ulnaawl.server.sessions;

import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Audit;
import ulnaawl.server.people.Invitations;
import ulnaawl.server.people.PasswordLinks;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.Person;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.RoomOnDisk;

/** The ways in: name and password, the first owner's code, an invitation, a link. */
@Service
@RequiredArgsConstructor
class SignIn {

  /**
   * Looks like the hash of a password, as costly to compare with as one that is made today, and is
   * that of none.
   */
  static final String NOBODYS_HASH =
      "{argon2}$argon2id$v=19$m=16384,t=2,p=1$bm9ib2R5J3Mgc2FsdCEhIQ"
          + "$bm9ib2R5J3MgaGFzaCwgb2Ygbm8gcGFzc3dvcmQgISE";

  private final PeopleService people;
  private final PasswordLinks links;
  private final Invitations invitations;
  private final PasswordEncoder passwords;
  private final SignInGuard guard;
  private final Devices devices;
  private final SetUpCode code;
  private final RoomOnDisk room;
  private final Audit audit;

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
  Entered withPassword(String name, String password, String address, String device) {
    Optional<Person> person = people.named(name);
    boolean known = person.filter(it -> devices.knows(it.id(), device)).isPresent();
    if (known) {
      guard.admitDevice(person.orElseThrow().id(), device);
    } else {
      guard.admit(name, address);
    }
    boolean mayWrite = room.isLeft();
    // An unknown name costs as much time as a wrong password, so that neither is told apart.
    boolean right =
        person.isPresent()
            ? people.isPassword(person.get(), password, mayWrite)
            : passwords.matches(password, NOBODYS_HASH);
    if (!right || person.isEmpty()) {
      person.ifPresent(it -> audit.refused(it.person()));
      throw Problem.notSignedIn("The name or the password is wrong.");
    }
    Person found = person.get();
    if (known) {
      guard.succeededDevice(found.id(), device);
    } else {
      guard.succeeded(name, address);
    }
    boolean remembered = known || !mayWrite;
    return new Entered(found.signedIn(), remembered ? device : devices.remember(found.id()));
  }

  /** Makes the first owner with the code that stands where the server was started. */
  @Transactional
  public Entered asFirst(String name, String password, String typed) {
    if (people.needsSetup()) {
      guard.admitSetUp();
      if (!code.is(typed)) {
        throw Problem.rejected(
            "This is not the code; it stands in the window in which the server was started.");
      }
    }
    return entered(people.setUp(name, password));
  }

  /** Chooses a new password with a link; whoever was signed in as this person is not any more. */
  @Transactional
  public Entered withLink(String word, String password, String address) {
    guard.admitLink(address);
    return entered(links.use(word, password).signedIn());
  }

  /** Who is invited to what with the word of an invitation. */
  @Transactional(readOnly = true)
  public Invitations.Welcome welcome(String word, String address) {
    guard.admitLink(address);
    Invitations.Welcome found = invitations.look(word);
    guard.succeededLink(address);
    return found;
  }

  /** Joins the club with an invitation. */
  @Transactional
  public Entered withInvitation(String word, String name, String password, String address) {
    welcome(word, address);
    return entered(invitations.join(word, name, password));
  }

  /** Another password for somebody who knows the one they have. */
  @Transactional
  public Entered changePassword(SignedIn me, String old, String password, String address) {
    guard.admit(me.name(), address);
    Person person =
        people.find(me.id()).orElseThrow(() -> Problem.gone("You are not in the club any more."));
    if (!people.isPassword(person, old, false)) {
      throw Problem.rejected("The old password is wrong.");
    }
    guard.succeeded(me.name(), address);
    return entered(people.choosePassword(me.id(), password).signedIn());
  }

  private Entered entered(SignedIn who) {
    return new Entered(who, devices.remember(who.id()));
  }
}
