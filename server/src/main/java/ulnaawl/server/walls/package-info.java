/** A dance with its music: walls, calls, endings, restarts, and where the floor is just now. */
@NullMarked
package ulnaawl.server.walls;

import org.jspecify.annotations.NullMarked;
