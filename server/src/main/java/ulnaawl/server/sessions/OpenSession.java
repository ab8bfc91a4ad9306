package ulnaawl.server.sessions;

import jakarta.servlet.http.HttpSession;
import java.time.Instant;

/**
 * A browser on which somebody is signed in.
 *
 * @param key what it is called from outside; not what opens it
 * @param person who is signed in
 * @param since since when
 * @param device the kind of browser and device, as it says itself
 * @param session the session itself
 */
record OpenSession(String key, long person, Instant since, String device, HttpSession session) {

  /** When it last asked for something. */
  Instant lastSeen() {
    try {
      return Instant.ofEpochMilli(session.getLastAccessedTime());
    } catch (IllegalStateException justEnded) {
      return since;
    }
  }

  void end() {
    try {
      session.invalidate();
    } catch (IllegalStateException endedAlready) {
      // That is what was wanted.
    }
  }
}
