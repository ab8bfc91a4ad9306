/** Changes that somebody proposes who may not make them, and an instructor takes over. */
@NullMarked
package ulnaawl.server.proposals;

import org.jspecify.annotations.NullMarked;
