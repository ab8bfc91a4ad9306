/** Who may sign in, and as what. */
@NullMarked
package ulnaawl.server.people;

import org.jspecify.annotations.NullMarked;
