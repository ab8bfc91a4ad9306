package ulnaawl.server.wire;

import org.jspecify.annotations.Nullable;
import ulnaawl.music.CountRate;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;

/**
 * A song.
 *
 * @param bpm the printed beats a minute
 * @param countRate how dancers count against them
 * @param countsPerMinute as danced
 * @param seconds its length
 */
public record SongView(
    String title,
    @Nullable String artist,
    @Nullable Tempo bpm,
    CountRate countRate,
    @Nullable Tempo countsPerMinute,
    @Nullable Integer seconds) {

  /** The shape of a song. */
  public static SongView of(Song song) {
    return new SongView(
        song.title(),
        song.artist().orElse(null),
        song.bpm().orElse(null),
        song.rate(),
        song.countsPerMinute().orElse(null),
        song.lengthSeconds().isPresent() ? Integer.valueOf(song.lengthSeconds().getAsInt()) : null);
  }
}
