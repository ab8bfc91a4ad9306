package ulnaawl.server.history;

import java.util.Optional;
import ulnaawl.people.PersonId;

/**
 * Somebody changed something; announced inside the server and written to the log.
 *
 * @param thing what kind of thing
 * @param id which one; 0 for what there is only one of
 * @param fromVersion its version before; 0 where it is new or has no versions
 * @param toVersion its version after
 * @param subject its title or name at that time
 * @param content how it is since then, as its feature reads it again; empty where the feature keeps
 *     every version itself
 */
public record Change(
    Thing thing,
    long id,
    Action action,
    PersonId by,
    int fromVersion,
    int toVersion,
    String subject,
    Optional<String> content) {

  /** Something is new, and so in its first version. */
  public static Change added(Thing thing, long id, PersonId by, String subject) {
    return next(thing, id, Action.ADDED, by, 0, subject);
  }

  /**
   * Something has its next version.
   *
   * @param from the one it had before
   */
  public static Change next(
      Thing thing, long id, Action action, PersonId by, int from, String subject) {
    return new Change(thing, id, action, by, from, from + 1, subject, Optional.empty());
  }

  /** Something is out of sight, and keeps the version it has. */
  public static Change archived(Thing thing, long id, PersonId by, int version, String subject) {
    return new Change(thing, id, Action.ARCHIVED, by, version, version, subject, Optional.empty());
  }

  /** A change of something that has no versions of its own. */
  public static Change of(Thing thing, long id, Action action, PersonId by, String subject) {
    return new Change(thing, id, action, by, 0, 0, subject, Optional.empty());
  }

  /** The same with how the thing is since then, as its feature reads it again. */
  public Change with(String content) {
    return new Change(thing, id, action, by, fromVersion, toVersion, subject, Optional.of(content));
  }
}
