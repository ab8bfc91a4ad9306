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
   * Lets an instructor change what belongs to a group, and a co-instructor where they lead there.
   *
   * @throws OwnedByAnother with what would do, else
   */
  default void needGroup(SignedIn me, long group) {
    if (!me.isAtLeast(Role.INSTRUCTOR) && !groupsOf(me.person()).contains(group)) {
      throw new OwnedByAnother(
          "You lead no class of this group; take one of its classes first, or ask an instructor.");
    }
  }

  /**
   * Lets an instructor change a class, and a co-instructor where they lead it.
   *
   * @throws OwnedByAnother with what would do, else
   */
  default void needClass(SignedIn me, long id) {
    if (!me.isAtLeast(Role.INSTRUCTOR) && !leadsClass(me.person(), id)) {
      throw new OwnedByAnother(
          "You do not lead this class; take it over first, or propose what you would change.");
    }
  }
}
