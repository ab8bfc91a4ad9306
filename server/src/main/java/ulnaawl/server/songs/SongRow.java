package ulnaawl.server.songs;

import java.time.LocalDateTime;
import ulnaawl.music.ListedSong;
import ulnaawl.people.PersonId;

/**
 * A song as it is stored.
 *
 * @param version rises with every change
 * @param updatedAt in universal time
 * @param archived whether it has been removed from sight
 */
public record SongRow(
    long id,
    ListedSong song,
    int version,
    PersonId updatedBy,
    LocalDateTime updatedAt,
    boolean archived) {}
