/** What lies over the weeks of the whole club: days without a class, and themes. */
@NullMarked
package ulnaawl.server.calendar;

import org.jspecify.annotations.NullMarked;
