/**
 * A second screen for the dancers: it follows a run-through by a short code, without an account,
 * and shows the dance and nothing else.
 */
@NullMarked
package ulnaawl.server.screens;

import org.jspecify.annotations.NullMarked;
