/** What people say against the record. */
@NullMarked
package ulnaawl.server.rulings;

import org.jspecify.annotations.NullMarked;
