/** Who comes to a group: names, heads, or nothing. */
@NullMarked
package ulnaawl.server.register;

import org.jspecify.annotations.NullMarked;
