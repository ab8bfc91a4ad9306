/** Signing in and out: guesses are slowed down, and every open session can be seen and ended. */
@NullMarked
package ulnaawl.server.sessions;

import org.jspecify.annotations.NullMarked;
