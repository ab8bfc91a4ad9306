/** The club's dances: their step text, and everything that is computed from it. */
@NullMarked
package ulnaawl.server.dances;

import org.jspecify.annotations.NullMarked;
