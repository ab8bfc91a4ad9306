/** What each group has learned: its record, and where it stands. */
@NullMarked
package ulnaawl.server.learning;

import org.jspecify.annotations.NullMarked;
