/** How the repetitions of a dance fit the hall and the song: walls, tags, restarts, clock times. */
@NullMarked
package ulnaawl.wall;

import org.jspecify.annotations.NullMarked;
