/** The club's songs: the list, its import and export, and tapped tempos. */
@NullMarked
package ulnaawl.server.songs;

import org.jspecify.annotations.NullMarked;
