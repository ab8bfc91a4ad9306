/** A dance meets a song: endings, restarts on the phrases, other music, two dances on one floor. */
@NullMarked
package ulnaawl.song;

import org.jspecify.annotations.NullMarked;
