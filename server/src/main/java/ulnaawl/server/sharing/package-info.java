/** Links that show one thing, and nothing else, to people without an account. */
@NullMarked
package ulnaawl.server.sharing;

import org.jspecify.annotations.NullMarked;
