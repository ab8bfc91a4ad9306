package ulnaawl.server.tokens;

import java.time.LocalDateTime;
import java.util.Optional;
import ulnaawl.server.access.TokenScope;

/**
 * A token, without its word, of which no copy is kept.
 *
 * @param label what its person calls it
 * @param at when it was made
 * @param until when it ends
 * @param lastUsed when it was last used, to the hour
 */
record Token(
    long id,
    long person,
    String label,
    TokenScope scope,
    LocalDateTime at,
    LocalDateTime until,
    Optional<LocalDateTime> lastUsed) {}
