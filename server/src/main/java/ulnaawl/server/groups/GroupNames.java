package ulnaawl.server.groups;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import ulnaawl.server.exchange.Coming;
import ulnaawl.server.platform.Names;
import ulnaawl.server.platform.Problem;

/** The groups that a file can name: those of the club, and those that come with it. */
public final class GroupNames {

  private final Map<String, GroupRow> there = new HashMap<>();
  private final Coming coming;

  public GroupNames(GroupService groups, Coming coming) {
    groups.all().forEach(it -> there.put(Names.key(it.name()), it));
    this.coming = coming;
  }

  /** The group, if the club has it already. */
  public Optional<GroupRow> find(String name) {
    return Optional.ofNullable(there.get(Names.key(name)));
  }

  /** Why a name cannot be taken for a group; empty where it can. */
  public Optional<String> whyNot(String name) {
    return find(name).isPresent() || coming.hasGroup(name)
        ? Optional.empty()
        : Optional.of(
            "No group is called '" + name + "', in the club or in these files; add it first.");
  }

  /** The group of that name as it is now; a problem where it did not come. */
  public static GroupRow now(GroupService groups, String name) {
    return groups.all().stream()
        .filter(it -> Names.key(it.name()).equals(Names.key(name)))
        .findFirst()
        .orElseThrow(() -> Problem.rejected("No group is called '" + name + "'; take it too."));
  }
}
