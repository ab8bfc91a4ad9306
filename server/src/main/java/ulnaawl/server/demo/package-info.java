/** An invented club, for looking around. */
@NullMarked
package ulnaawl.server.demo;

import org.jspecify.annotations.NullMarked;
