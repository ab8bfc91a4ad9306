/** The whole club as one file: out, and into an empty installation. */
@NullMarked
package ulnaawl.server.clubfile;

import org.jspecify.annotations.NullMarked;
