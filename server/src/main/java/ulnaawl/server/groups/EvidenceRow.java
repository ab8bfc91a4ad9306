package ulnaawl.server.groups;

import java.util.Optional;
import ulnaawl.learning.Evidence;

/**
 * Something that happened in a class, as it is stored.
 *
 * @param meeting the class it belongs to; empty where it was written by itself
 * @param note what tripped people, what to do next time; may be empty
 */
public record EvidenceRow(
    long id, long group, long dance, Optional<Long> meeting, Evidence evidence, String note) {}
