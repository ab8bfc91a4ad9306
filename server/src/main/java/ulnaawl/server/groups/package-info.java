/** The club's groups and what each has learned. */
@NullMarked
package ulnaawl.server.groups;

import org.jspecify.annotations.NullMarked;
