package ulnaawl.server.history;

import java.util.Optional;

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
    String by,
    int fromVersion,
    int toVersion,
    String subject,
    Optional<String> content) {

  /** A change of something that has no versions of its own. */
  public static Change of(Thing thing, long id, Action action, String by, String subject) {
    return new Change(thing, id, action, by, 0, 0, subject, Optional.empty());
  }
}
