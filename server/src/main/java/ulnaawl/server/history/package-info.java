/**
 * What was done in the club, to what, by whom and when; what differs; and the way back. Features
 * announce a {@link ulnaawl.server.history.Change}; it is written in the transaction that makes it.
 */
@NullMarked
package ulnaawl.server.history;

import org.jspecify.annotations.NullMarked;
