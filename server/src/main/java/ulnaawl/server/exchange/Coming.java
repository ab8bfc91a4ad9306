package ulnaawl.server.exchange;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ulnaawl.server.platform.Names;

/** What the same files bring, for those that name it: it is not in the club while one looks. */
public final class Coming {

  private final Set<String> groups = new HashSet<>();
  private final Map<String, Integer> dances = new HashMap<>();

  public void group(String name) {
    groups.add(Names.key(name));
  }

  public boolean hasGroup(String name) {
    return groups.contains(Names.key(name));
  }

  /**
   * A dance that comes.
   *
   * @param sections how many it has, 1 or more
   */
  public void dance(String title, int sections) {
    dances.put(Names.key(title), sections);
  }

  /** How many sections a dance has that comes. */
  public Optional<Integer> sections(String title) {
    return Optional.ofNullable(dances.get(Names.key(title)));
  }
}
