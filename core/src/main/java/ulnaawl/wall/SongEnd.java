package ulnaawl.wall;

import ulnaawl.floor.Facing;

/**
 * Where the music stops.
 *
 * @param wall number of the wall that is being danced
 * @param count counts of that wall, its tag included, that the music still holds; 0 or more
 * @param facing where the dancers then face, on the room clock
 */
public record SongEnd(int wall, int count, Facing facing) {}
