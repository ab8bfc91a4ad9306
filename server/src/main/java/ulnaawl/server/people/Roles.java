package ulnaawl.server.people;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.BuiltInRoles;
import ulnaawl.server.access.OwnedByAnother;
import ulnaawl.server.access.Role;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.RoleStore.OwnRole;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;

/**
 * What people of the club may do: the roles that are built in, and those that an owner makes of
 * abilities.
 */
@Service
@RequiredArgsConstructor
public class Roles {

  private static final int MOST = 20;
  private static final int CODE_LENGTH = 12;

  /** Of no use to somebody who leads nothing and may not go into the classes of others. */
  private static final Set<Ability> WHERE_ONE_LEADS = EnumSet.of(Ability.LOG, Ability.TEACH);

  private final RoleStore store;
  private final ApplicationEventPublisher events;

  /** Those of the club's own, by name. */
  List<OwnRole> own() {
    return store.own();
  }

  /** The one with a code, as somebody gives it; refused where there is none. */
  Role wanted(String code) {
    return BuiltInRoles.of(code)
        .or(() -> store.ownOf(code).map(OwnRole::role))
        .orElseThrow(() -> Problem.rejected("There is no such role; choose one from the list."));
  }

  /**
   * Lets somebody give a role, or take it, who may do all that it lets do: nobody makes themselves
   * or somebody else more than they are.
   *
   * @throws OwnedByAnother else
   */
  static void needCovers(SignedIn me, Role... roles) {
    for (Role role : roles) {
      if (!me.role().covers(role)) {
        throw new OwnedByAnother(
            "Your role may less than “"
                + role.name()
                + "”, so that you can neither give it nor change somebody who has it; ask an owner"
                + " of the club.");
      }
    }
  }

  int holders(String code) {
    return store.holders(code);
  }

  @Transactional
  OwnRole add(String name, Set<Ability> abilities, SignedIn me) {
    if (store.own().size() >= MOST) {
      throw Problem.rejected("A club has up to " + MOST + " roles of its own.");
    }
    Role role = checked("own-" + Secrets.word().substring(0, CODE_LENGTH), name, abilities);
    store.add(role);
    publish(Action.ADDED, role, me);
    return existing(role.code());
  }

  /** Changes one for everybody who has it, at once. */
  @Transactional
  OwnRole change(String code, int version, String name, Set<Ability> abilities, SignedIn me) {
    existing(code);
    Role role = checked(code, name, abilities);
    if (!store.change(role, version)) {
      throw Problem.changed("Somebody", "this role");
    }
    publish(Action.CHANGED, role, me);
    return existing(code);
  }

  @Transactional
  void remove(String code, int version, SignedIn me) {
    Role role = existing(code).role();
    int holders = store.holders(code);
    if (holders > 0) {
      throw Problem.conflict(
          "“"
              + role.name()
              + "” is the role of "
              + holders
              + " (those who are invited with them); give them another one first.");
    }
    if (!store.delete(code, version)) {
      throw Problem.changed("Somebody", "this role");
    }
    publish(Action.ARCHIVED, role, me);
  }

  private OwnRole existing(String code) {
    if (BuiltInRoles.of(code).isPresent()) {
      throw Problem.rejected("This role is built in; make one of your own beside it.");
    }
    return store.ownOf(code).orElseThrow(() -> Problem.gone("This role is not there any more."));
  }

  private Role checked(String code, String name, Set<Ability> abilities) {
    String clean = Names.clean(name);
    boolean taken =
        Stream.concat(BuiltInRoles.all().stream(), store.own().stream().map(OwnRole::role))
            .anyMatch(
                it -> !it.code().equals(code) && Names.key(it.name()).equals(Names.key(clean)));
    if (taken) {
      throw Problem.conflict("There is a role called " + clean + " already.");
    }
    if (!abilities.stream().allMatch(Ability::isOffered)) {
      throw Problem.rejected(
          "Roles, copies and what was done stay with the club's owners; no other role has them.");
    }
    Role role = Role.own(code, clean, abilities);
    boolean leads = role.may(Ability.LEAD);
    boolean goesEverywhere = role.may(Ability.EVERY_CLASS);
    boolean logsOrTeaches = WHERE_ONE_LEADS.stream().anyMatch(role::may);
    if (logsOrTeaches && !leads && !goesEverywhere) {
      throw Problem.rejected(
          "Somebody with this role would lead nothing, so that there is nothing they could do this"
              + " for: choose that it "
              + Ability.LEAD.words().split(":", 2)[0]
              + ", or that it "
              + Ability.EVERY_CLASS.words()
              + ".");
    }
    if (goesEverywhere && !leads && !logsOrTeaches) {
      throw Problem.rejected(
          "Choose what it does in everybody's classes: leads, writes down, or puts teaches"
              + " together.");
    }
    return role;
  }

  private void publish(Action action, Role role, SignedIn me) {
    events.publishEvent(Change.of(Thing.PERSON, 0, action, me.person(), "the role " + role.name()));
  }
}
