/**
 * Browsers that listen: what they are told is sent by a thread of their own, never by who tells.
 */
@NullMarked
package ulnaawl.server.stream;

import org.jspecify.annotations.NullMarked;
