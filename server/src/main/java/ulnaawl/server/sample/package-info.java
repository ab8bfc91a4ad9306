/** An invented club beside one's own: opened to look around in, and removed again. */
@NullMarked
package ulnaawl.server.sample;

import org.jspecify.annotations.NullMarked;
