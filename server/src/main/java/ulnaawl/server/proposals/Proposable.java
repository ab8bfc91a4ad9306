package ulnaawl.server.proposals;

import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Thing;

/** How a feature takes proposed changes of its things. */
public interface Proposable {

  /** The kind of thing. */
  Thing thing();

  /** Whether somebody may make such a change themselves, and so decide on one. */
  boolean mayChange(SignedIn me);

  /** What it is called now; a problem where it is not there. */
  String title(long id);

  /**
   * Changes it as it was proposed, from the version that was seen.
   *
   * @param content as the feature's own form for changes is sent
   */
  void take(long id, int version, String content, SignedIn me);
}
