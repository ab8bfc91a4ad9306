/** Classes as a calendar that other programs read: iCalendar (RFC 5545). */
@NullMarked
package ulnaawl.formats.calendar;

import org.jspecify.annotations.NullMarked;
