package ulnaawl.server.access;

import java.util.Optional;

/** Asks whose a token is that a program has sent. */
public interface TokenCheck {

  /** Who asks, and what for. */
  record Holder(SignedIn person, TokenScope scope) {}

  /** Whose it is; empty where it is not known, or has ended, or its person may not come in. */
  Optional<Holder> of(String word);
}
