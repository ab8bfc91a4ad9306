package ulnaawl.server.dances;

import java.time.LocalDateTime;

/**
 * A dance as it is stored.
 *
 * @param version rises with every change
 * @param updatedAt in universal time
 */
public record DanceRow(
    long id, String stepText, int version, String updatedBy, LocalDateTime updatedAt) {}
