package ulnaawl.server.register;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.Attendance;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.register.RegisterStore.Dancer;

/**
 * Who comes to a group: display names and nothing else, heads, or nothing, as the club chooses for
 * each group. Who is removed is deleted for good, in every group and from every class.
 */
@Service
@RequiredArgsConstructor
public class Registers {

  private static final int MOST_DANCERS = 200;
  private static final int MOST_HEADS = 500;
  private static final String SOMEBODY = "somebody";

  private final RegisterStore store;
  private final GroupService groups;
  private final ApplicationEventPublisher events;
  private final Today today;

  /** The groups that keep something. */
  public Set<Long> keeping() {
    return store.keeping();
  }

  RegisterKind kind(long group) {
    return store.kind(groups.get(group).id());
  }

  List<Dancer> dancers(long group) {
    return store.dancers(group);
  }

  /** The names in a group's register, by their numbers. */
  public Map<Long, String> names(long group) {
    return store.dancers(group).stream().collect(Collectors.toMap(Dancer::id, Dancer::name));
  }

  public Map<LocalDate, Attendance> attendance(long group) {
    return store.attendance(group);
  }

  Map<LocalDate, Integer> versions(long group) {
    return store.versions(group);
  }

  /** Chooses what a group keeps. */
  @Transactional
  public void keep(long group, RegisterKind kind, SignedIn me) {
    GroupRow row = groups.active(group);
    store.keep(group, kind);
    publish(Action.CHANGED, row, me.person());
  }

  /** Adds a name; its number. */
  @Transactional
  public long add(long group, String name, SignedIn me) {
    GroupRow row = groups.active(group);
    if (store.kind(group) != RegisterKind.NAMES) {
      throw Problem.rejected(row.name() + " keeps no names; an instructor can change that.");
    }
    List<Dancer> there = store.dancers(group);
    if (there.size() >= MOST_DANCERS) {
      throw Problem.rejected("A register has up to " + MOST_DANCERS + " names.");
    }
    String clean = Names.clean(name);
    if (clean.isBlank()) {
      throw Problem.rejected("A register holds names; this one is empty.");
    }
    if (there.stream().anyMatch(it -> Names.key(it.name()).equals(Names.key(clean)))) {
      throw Problem.conflict(
          clean + " is in the register already; add a letter to tell them apart.");
    }
    long id = store.add(group, clean, Names.key(clean));
    publish(Action.CHANGED, row, me.person());
    return id;
  }

  /** Deletes a name for good: in every register, from every class, and from every request. */
  @Transactional
  void remove(long group, long dancer, SignedIn me) {
    GroupRow row = groups.get(group);
    Dancer who =
        store.dancers(group).stream()
            .filter(it -> it.id() == dancer)
            .findFirst()
            .orElseThrow(() -> Problem.gone("This name is not in the register any more."));
    store.delete(Names.key(who.name()));
    events.publishEvent(new DancerForgotten(who.name(), SOMEBODY));
    publish(Action.CHANGED, row, me.person());
  }

  /**
   * Takes a name out of one register again, unless a class has it; whether it is not there any
   * more.
   *
   * @param began whether the group kept nothing before it: where nobody else is in the register, it
   *     keeps nothing again
   */
  @Transactional
  boolean withdrawName(long dancer, boolean began, SignedIn me) {
    Optional<Long> group = store.groupOf(dancer);
    if (group.isEmpty()) {
      return true;
    }
    if (!store.withdraw(dancer)) {
      return false;
    }
    if (began && store.dancers(group.get()).isEmpty()) {
      store.keep(group.get(), RegisterKind.NOTHING);
    }
    publish(Action.CHANGED, groups.get(group.get()), me.person());
    return true;
  }

  /** Writes down who came; {@code version} is 0 where nothing was written yet. */
  @Transactional
  public void came(long group, LocalDate day, Attendance who, int version, SignedIn me) {
    GroupRow row = groups.active(group);
    if (day.isAfter(today.date())) {
      throw Problem.rejected("Who came is known once the class has been; this day is to come.");
    }
    RegisterKind kind = store.kind(group);
    check(row, kind, who);
    if (!store.came(group, day, who, version, me.person(), today.moment())) {
      throw Problem.conflict(
          "Somebody has written down who came on this day in the meantime; look again.");
    }
    publish(Action.RECORDED, row, me.person());
  }

  private void check(GroupRow group, RegisterKind kind, Attendance who) {
    switch (who) {
      case Attendance.Heads it -> {
        if (kind == RegisterKind.NOTHING || it.heads() > MOST_HEADS) {
          throw Problem.rejected(
              kind == RegisterKind.NOTHING
                  ? group.name() + " keeps nothing of who comes."
                  : "Up to " + MOST_HEADS + " heads are counted.");
        }
      }
      case Attendance.ByName it -> {
        Set<Long> known =
            store.dancers(group.id()).stream().map(Dancer::id).collect(Collectors.toSet());
        if (kind != RegisterKind.NAMES || !known.containsAll(it.there())) {
          throw Problem.rejected(
              kind == RegisterKind.NAMES
                  ? "Somebody in this list is not in the register of " + group.name() + "."
                  : group.name() + " keeps no names.");
        }
      }
    }
  }

  /** Names are never written into the log. */
  private void publish(Action action, GroupRow group, PersonId by) {
    events.publishEvent(Change.of(Thing.REGISTER, group.id(), action, by, group.name()));
  }
}
