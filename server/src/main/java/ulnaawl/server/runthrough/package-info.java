/** A dance from slow to full speed: what is played, counted and called, and as files. */
@NullMarked
package ulnaawl.server.runthrough;

import org.jspecify.annotations.NullMarked;
