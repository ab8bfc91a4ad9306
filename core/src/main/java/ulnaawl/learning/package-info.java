/** What a group has been taught, at which stage a dance stands, and when it should come back. */
@NullMarked
package ulnaawl.learning;

import org.jspecify.annotations.NullMarked;
