/** Calendars for other programs, by secret addresses: one's own classes, a group's, the club's. */
@NullMarked
package ulnaawl.server.feeds;

import org.jspecify.annotations.NullMarked;
