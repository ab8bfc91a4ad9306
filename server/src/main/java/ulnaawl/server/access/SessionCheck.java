package ulnaawl.server.access;

import java.util.Optional;

/** Asks on each request who a session's person is by now. */
public interface SessionCheck {

  /** The person as they are called and may do now; empty where they may not do anything here. */
  Optional<SignedIn> now(SignedIn person);
}
