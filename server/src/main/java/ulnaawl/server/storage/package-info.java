/**
 * The folder that a club lives in: one server at a time, nobody else's eyes, and never a new club
 * in the place of one that cannot be read.
 */
@NullMarked
package ulnaawl.server.storage;

import org.jspecify.annotations.NullMarked;
