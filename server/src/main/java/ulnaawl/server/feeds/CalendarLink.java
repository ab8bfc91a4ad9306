package ulnaawl.server.feeds;

import java.time.LocalDateTime;
import java.util.Optional;

/**
 * A secret address of a calendar.
 *
 * @param person who made it
 * @param group whose classes it shows, where it is a group's
 * @param at when it was made, in universal time
 * @param lastUsed when a program last read it, to the hour
 */
record CalendarLink(
    long id,
    CalendarKind kind,
    long person,
    Optional<Long> group,
    LocalDateTime at,
    Optional<LocalDateTime> lastUsed) {}
