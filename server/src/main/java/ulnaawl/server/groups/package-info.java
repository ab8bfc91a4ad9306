/** The club's groups. */
@NullMarked
package ulnaawl.server.groups;

import org.jspecify.annotations.NullMarked;
