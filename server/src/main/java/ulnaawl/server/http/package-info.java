/** The server's own front: where it listens, what it takes in, what it hands out. */
@NullMarked
package ulnaawl.server.http;

import org.jspecify.annotations.NullMarked;
