package ulnaawl.server.history;

import java.time.LocalDateTime;

/**
 * A change as it is stored.
 *
 * @param at in universal time
 */
record LogRow(long id, LocalDateTime at, Change change) {}
