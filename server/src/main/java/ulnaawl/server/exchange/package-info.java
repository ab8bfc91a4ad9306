/**
 * What a club brings and takes away in files of any kind. Each feature says what it makes of a file
 * ({@link ulnaawl.server.exchange.Incoming}) and what it gives ({@link
 * ulnaawl.server.exchange.Outgoing}); here it is looked at first, taken in at once, and undone at
 * once.
 */
@NullMarked
package ulnaawl.server.exchange;

import org.jspecify.annotations.NullMarked;
