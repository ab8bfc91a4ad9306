package ulnaawl.server.people;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.BuiltInRoles;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** The first owner, and colleagues who come, change and go. */
@Service
public class PeopleService {

  private static final String SET_UP_ALREADY = "The club has been set up already; sign in.";

  private final PeopleStore store;
  private final PasswordEncoder passwords;
  private final ApplicationEventPublisher events;
  private final Today today;
  private final PasswordRules rules;

  PeopleService(
      PeopleStore store,
      PasswordEncoder passwords,
      PasswordRules rules,
      ApplicationEventPublisher events,
      Today today) {
    this.store = store;
    this.passwords = passwords;
    this.events = events;
    this.today = today;
    this.rules = rules;
  }

  private String encoded(String password) {
    return Objects.requireNonNull(passwords.encode(password));
  }

  /** Whether nobody may sign in yet, so that the first owner can be made. */
  public boolean needsSetup() {
    return store.isEmpty();
  }

  /** A word for which club this is, which stays its own; empty where nobody set it up. */
  public String club() {
    return store.club().orElse("");
  }

  /** Marks an invented club as one that was set up. */
  @Transactional
  public void begin() {
    store.markSetUp(Secrets.word(), today.moment());
  }

  /** All who may lead a class. */
  public List<PersonId> leaders() {
    return store.all().stream()
        .filter(it -> it.role().may(Ability.LEAD))
        .map(Person::person)
        .toList();
  }

  /** Those who have left, and whom the records name. */
  List<Person> left() {
    return store.allLeft();
  }

  /** All who may sign in. */
  public List<Person> everybody() {
    return store.all();
  }

  /** Somebody who may sign in. */
  public Optional<Person> named(String name) {
    return store.named(name);
  }

  /** Notes that somebody has asked for something just now. */
  @Transactional
  public void seen(long id) {
    store.seen(id, today.moment());
  }

  /** Somebody who may sign in. */
  public Optional<Person> find(long id) {
    return store.find(id);
  }

  /** Whether it is the person's password; one that was kept in an old way is kept in today's. */
  public boolean isPassword(Person person, String password, boolean mayWrite) {
    boolean right = passwords.matches(password, person.passwordHash());
    if (right && mayWrite && passwords.upgradeEncoding(person.passwordHash())) {
      store.setHash(person.id(), encoded(password));
    }
    return right;
  }

  /**
   * Makes the first owner, once; whoever comes second is refused. Whoever calls has asked for the
   * code.
   */
  @Transactional
  public SignedIn setUp(String name, String password) {
    if (!store.isEmpty()) {
      throw Problem.conflict(SET_UP_ALREADY);
    }
    rules.check(name, password);
    try {
      store.markSetUp(Secrets.word(), today.moment());
    } catch (DuplicateKeyException second) {
      throw Problem.conflict(SET_UP_ALREADY);
    }
    SignedIn first = add(name, password, BuiltInRoles.OWNER, Optional.empty());
    events.publishEvent(new ClubSetUp(first.name()));
    return first;
  }

  /**
   * Refuses to invite somebody under a name that is taken; one who left may come back.
   *
   * @return who that is, where they left
   */
  Optional<PersonId> checkInvited(String name) {
    Optional<Person> left = name.isEmpty() ? Optional.empty() : store.left(name);
    if (!name.isEmpty() && left.isEmpty()) {
      checkFree(name, 0);
    }
    return left.map(Person::person);
  }

  /**
   * Makes somebody who was invited one of the club. Whoever left, and is named in the records,
   * comes back only by an invitation that was made for them: nobody else can take their name.
   */
  @Transactional
  SignedIn join(String name, String password, Invitation invitation) {
    rules.check(name, password);
    Optional<Person> left =
        store.left(name).filter(it -> invitation.back().equals(Optional.of(it.person())));
    if (left.isPresent()) {
      Person back = left.get();
      store.comeBack(back, encoded(password), invitation.role());
      log(back.person(), Action.BROUGHT_BACK, invitation.madeBy());
      return new SignedIn(back.id(), back.name(), invitation.role());
    }
    checkFree(name, 0);
    return add(name, password, invitation.role(), Optional.of(invitation.madeBy()));
  }

  private void checkFree(String name, long except) {
    if (Names.key(name).equals(PeopleNames.FORMER)) {
      throw Problem.rejected("Nobody can be called that: the records say it of those who left.");
    }
    Optional<Person> other = store.lookalike(name, except);
    if (other.isPresent()) {
      String theirs = other.get().name();
      boolean same = Names.key(theirs).equals(Names.key(name));
      throw Problem.conflict(
          same
              ? "There is somebody called " + theirs + " already."
              : "This looks like " + theirs + ", who is here already; add a surname, say.");
    }
  }

  /**
   * Adds somebody without a role check, for setting up and for the demo club.
   *
   * @param by empty where they came by themselves
   */
  @Transactional
  public SignedIn add(String name, String password, Role role, Optional<PersonId> by) {
    String clean = Names.clean(name);
    SignedIn added =
        new SignedIn(store.add(clean, encoded(password), role, today.moment()), clean, role);
    log(added.person(), Action.ADDED, by.orElse(added.person()));
    return added;
  }

  /** Calls somebody otherwise, or lets them do more or less, at once. */
  @Transactional
  Person change(long id, int version, String name, Role role, SignedIn by) {
    List<Long> owners = store.holdOwners();
    Person before = existing(id);
    Roles.needCovers(by, before.role(), role);
    String clean = Names.clean(name);
    checkFree(clean, id);
    if (!role.equals(BuiltInRoles.OWNER)) {
      keepOne(owners, id);
    }
    if (!store.change(id, version, clean, role)) {
      throw Problem.changed("Somebody", before.name());
    }
    log(before.person(), Action.CHANGED, by.person());
    return existing(id);
  }

  /**
   * Takes somebody out of the club.
   *
   * @param forget whether the records no longer say their name
   */
  @Transactional
  void remove(long id, int version, boolean forget, SignedIn by) {
    List<Long> owners = store.holdOwners();
    Person person = existing(id);
    Roles.needCovers(by, person.role());
    if (id == by.id()) {
      throw Problem.rejected("Another owner has to take you out of the club.");
    }
    keepOne(owners, id);
    events.publishEvent(new AccessEnded(id));
    if (!(forget ? store.forget(id, version) : store.remove(id, version))) {
      throw Problem.changed("Somebody", person.name());
    }
    log(person.person(), Action.ARCHIVED, by.person());
    if (forget) {
      events.publishEvent(new PersonForgotten(person.person()));
    }
  }

  /** Somebody who left before is to be forgotten, too. */
  @Transactional
  void forgetLeft(long id, int version, SignedIn by) {
    Person person =
        store.left(id).orElseThrow(() -> Problem.gone("The records do not name them any more."));
    Roles.needCovers(by, person.role());
    if (!store.forget(id, version)) {
      throw Problem.changed("Somebody", person.name());
    }
    log(person.person(), Action.CHANGED, by.person());
    events.publishEvent(new PersonForgotten(person.person()));
  }

  private static void keepOne(List<Long> owners, long without) {
    if (owners.stream().allMatch(it -> it == without)) {
      throw Problem.rejected("The club needs an owner; make somebody else one first.");
    }
  }

  /** Gives somebody who proved who they are another password. */
  @Transactional
  public Person choosePassword(long id, String password) {
    Person person = existing(id);
    rules.check(person.name(), password);
    store.setHash(id, encoded(password));
    events.publishEvent(new AccessEnded(id));
    return person;
  }

  /** Whoever set up an installation, while a club with its people comes into it. */
  public record Owner(String name, String passwordHash) {}

  /** Whoever set it up makes room; their sessions end, as they may be somebody else by number. */
  @Transactional
  public Owner leaving(SignedIn me) {
    Person person = existing(me.id());
    events.publishEvent(new AccessEnded(person.id()));
    return new Owner(person.name(), person.passwordHash());
  }

  /** What is kept of a password that nobody knows: whoever has it chooses another by a link. */
  public String unknownPassword() {
    return encoded(Secrets.word());
  }

  /**
   * Whoever set up the installation is an owner of the club that came: the one of that name, or one
   * more.
   *
   * @return who they are in that club
   */
  @Transactional
  public PersonId arriving(Owner owner) {
    store.becomeClub(Secrets.word());
    Optional<Person> same = store.named(owner.name());
    if (same.isPresent()) {
      if (!same.get().role().equals(BuiltInRoles.OWNER)) {
        throw Problem.rejected(
            owner.name() + " is no owner in this file; set up with the name of one, or another.");
      }
      store.setHash(same.get().id(), owner.passwordHash());
      return same.get().person();
    }
    checkFree(owner.name(), 0);
    long id = store.add(owner.name(), owner.passwordHash(), BuiltInRoles.OWNER, today.moment());
    PersonId person = new PersonId(id);
    log(person, Action.ADDED, person);
    return person;
  }

  private Person existing(long id) {
    return store
        .find(id)
        .orElseThrow(() -> Problem.gone("This person is not in the club any more."));
  }

  /** Of whom it is, the log says by their number; a name stands in it nowhere. */
  private void log(PersonId person, Action action, PersonId by) {
    events.publishEvent(Change.of(Thing.PERSON, person.number(), action, by, ""));
  }

  /** Somebody who may lead; refused where they are not in the club. */
  public PersonId leader(PersonId person) {
    return find(person.number())
        .filter(it -> it.role().may(Ability.LEAD))
        .map(Person::person)
        .orElseThrow(() ->
            Problem.rejected(
                "Whoever that was does not lead in the club any more; choose who led from the"
                    + " list."));
  }

  /** Somebody who may lead, by the name that a table has; refused where nobody is called so. */
  public PersonId leaderNamed(String name) {
    return named(name)
        .filter(it -> it.role().may(Ability.LEAD))
        .map(Person::person)
        .orElseThrow(() ->
            Problem.rejected(
                "Nobody who leads in the club is called "
                    + name
                    + "; choose who led from the list."));
  }
}
