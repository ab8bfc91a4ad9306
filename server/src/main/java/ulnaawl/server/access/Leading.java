package ulnaawl.server.access;

import java.util.Set;
import ulnaawl.people.PersonId;

/** Who leads what, as far as it says what a co-instructor may change. */
public interface Leading {

  /** Whether somebody leads this class, in sight or removed. */
  boolean leadsClass(PersonId person, long id);

  /** The groups of which somebody leads a class that is to come or was held lately. */
  Set<Long> groupsOf(PersonId person);

  /**
   * Lets somebody change what belongs to a group where they lead there, or may do so everywhere.
   *
   * @throws OwnedByAnother with what would do, else
   */
  default void needGroup(SignedIn me, long group) {
    if (!me.may(Ability.EVERY_CLASS) && !groupsOf(me.person()).contains(group)) {
      throw new OwnedByAnother(
          "You lead no class of this group; take one of its classes first, or ask an instructor.");
    }
  }

  /**
   * Lets somebody change a class where they lead it, or may do so in every class.
   *
   * @throws OwnedByAnother with what would do, else
   */
  default void needClass(SignedIn me, long id) {
    if (!me.may(Ability.EVERY_CLASS) && !leadsClass(me.person(), id)) {
      throw new OwnedByAnother(
          "You do not lead this class; take it over first, or propose what you would change.");
    }
  }
}
