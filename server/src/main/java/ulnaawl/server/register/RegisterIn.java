package ulnaawl.server.register;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.exchange.Brought;
import ulnaawl.server.exchange.Coming;
import ulnaawl.server.exchange.Found;
import ulnaawl.server.exchange.Found.Where;
import ulnaawl.server.exchange.Incoming;
import ulnaawl.server.exchange.Kind;
import ulnaawl.server.exchange.Outgoing;
import ulnaawl.server.exchange.Taken;
import ulnaawl.server.groups.GroupNames;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.platform.Names;

/** Names of a group's register in tables. A group that kept nothing keeps names from then on. */
@Component
@RequiredArgsConstructor
class RegisterIn implements Incoming, Outgoing {

  private static final int LONGEST = 60;

  /** What stands for a name's version: whether its group kept names before it. */
  private static final int KEPT = 0;

  private static final int BEGAN = 1;

  private final Registers registers;
  private final GroupService groups;

  @Override
  public Kind kind() {
    return Kind.REGISTER;
  }

  @Override
  public List<Found> look(Brought brought, Coming coming) {
    GroupNames named = new GroupNames(groups, coming);
    Set<Named> twice = new HashSet<>();
    return brought.rows(ClubTable.REGISTER, row -> look(row, named, twice));
  }

  private record Named(String group, String dancer) {}

  private Found look(Brought.TableRow row, GroupNames named, Set<Named> twice) {
    Where spot = row.spot();
    String name = Names.clean(row.cell("dancer"));
    String group = Names.clean(row.cell("group"));
    if (name.isEmpty() || name.length() > LONGEST) {
      return spot.unreadable(name, "A register has names of up to " + LONGEST + " letters.");
    }
    Optional<String> unknown = named.whyNot(group);
    if (unknown.isPresent()) {
      return spot.unreadable(name, unknown.get());
    }
    Optional<GroupRow> there = named.find(group);
    RegisterKind kind = there.map(it -> registers.kind(it.id())).orElse(RegisterKind.NOTHING);
    if (kind == RegisterKind.HEADS) {
      return spot.unreadable(
          name, group + " counts heads and keeps no names; its page can change that.");
    }
    boolean isThere =
        there
            .map(it ->
                registers.dancers(it.id()).stream()
                    .anyMatch(one -> Names.key(one.name()).equals(Names.key(name))))
            .orElse(false);
    if (isThere || !twice.add(new Named(Names.key(group), Names.key(name)))) {
      return spot.same(name, "");
    }
    String note = kind == RegisterKind.NAMES ? group : group + ", which keeps names from then on";
    return spot.fresh(name, note, me -> take(group, name, me));
  }

  private Taken take(String group, String name, SignedIn me) {
    GroupRow row = GroupNames.now(groups, group);
    boolean begins = registers.kind(row.id()) == RegisterKind.NOTHING;
    if (begins) {
      registers.keep(row.id(), RegisterKind.NAMES, me);
    }
    return Taken.added(registers.add(row.id(), name, me), begins ? BEGAN : KEPT);
  }

  @Override
  public Optional<String> undo(Taken taken, SignedIn me) {
    return registers.withdrawName(taken.id(), taken.to() == BEGAN, me)
        ? Optional.empty()
        : Optional.of("a name is in the register of a class by now");
  }

  @Override
  public ClubTable table() {
    return ClubTable.REGISTER;
  }

  @Override
  public List<List<String>> rows() {
    return groups.all().stream()
        .flatMap(group ->
            registers.dancers(group.id()).stream().map(it -> List.of(group.name(), it.name())))
        .toList();
  }
}
