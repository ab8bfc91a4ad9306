/** What people of a group ask their leaders for. */
@NullMarked
package ulnaawl.server.requests;

import org.jspecify.annotations.NullMarked;
