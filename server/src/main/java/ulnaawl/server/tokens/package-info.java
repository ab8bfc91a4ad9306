/** Tokens by which programs of somebody's ask in their name. */
@NullMarked
package ulnaawl.server.tokens;

import org.jspecify.annotations.NullMarked;
