/** What a new club can begin with. */
@NullMarked
package ulnaawl.server.starter;

import org.jspecify.annotations.NullMarked;
