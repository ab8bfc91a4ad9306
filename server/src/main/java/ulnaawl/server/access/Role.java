package ulnaawl.server.access;

import java.io.Serializable;
import java.util.Collection;
import java.util.Set;

/**
 * What somebody may do: a name for a set of abilities.
 *
 * @param code by which people have it; it stays when the role is called otherwise
 * @param may what it may, as people read it
 * @param abilities with all that they bring
 */
public record Role(String code, String name, String may, Set<Ability> abilities)
    implements Serializable {

  public Role {
    abilities = Ability.complete(abilities);
  }

  /** One of the club's own, which says what it may by its abilities. */
  public static Role own(String code, String name, Collection<Ability> abilities) {
    Set<Ability> all = Ability.complete(abilities);
    return new Role(code, name, Ability.inWords(all), all);
  }

  public boolean may(Ability ability) {
    return abilities.contains(ability);
  }

  /** Whether this one may do whatever the other one may. */
  public boolean covers(Role other) {
    return abilities.containsAll(other.abilities);
  }
}
