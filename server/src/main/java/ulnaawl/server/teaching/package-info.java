/** Teaching a dance to a group: the laid-out teach and the run-through from slow to full speed. */
@NullMarked
package ulnaawl.server.teaching;

import org.jspecify.annotations.NullMarked;
