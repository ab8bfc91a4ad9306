/** Which music goes with which dance, and which dances share a floor. */
@NullMarked
package ulnaawl.server.music;

import org.jspecify.annotations.NullMarked;
