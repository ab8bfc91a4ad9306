package ulnaawl.server.classes;

import java.time.LocalDateTime;
import java.util.Optional;
import ulnaawl.plan.ClassLine.Kind;

/**
 * A line of a running order, as it is stored.
 *
 * @param id 0 for a line that has not been stored yet
 * @param changedBy who changed it by hand
 * @param changedAt when, in universal time
 */
record LineRow(
    long id,
    int minutes,
    Kind kind,
    Optional<Long> dance,
    String title,
    String reason,
    Optional<String> changedBy,
    Optional<LocalDateTime> changedAt) {}
