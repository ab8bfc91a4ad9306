package ulnaawl.wall;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import ulnaawl.dance.Dance;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;

/**
 * When counts fall in a song. Rule (common practice): a count begins when the intro and all counts
 * before it have been played.
 *
 * @param tempo counts a minute, where known
 * @param intro counts of music before the first step, 0 or more
 * @param songMillis how long the song plays, where known
 */
public record SongClock(Optional<Tempo> tempo, int intro, OptionalLong songMillis) {

  public static SongClock of(Dance dance, SequenceRequest request) {
    OptionalInt seconds = request.song().map(Song::lengthSeconds).orElse(OptionalInt.empty());
    return new SongClock(
        request.song().flatMap(Song::countsPerMinute),
        request.introOf(dance),
        seconds.isPresent() ? OptionalLong.of(seconds.getAsInt() * 1000L) : OptionalLong.empty());
  }

  /**
   * Clock time from the song's start, in milliseconds, after so many counts have been danced.
   *
   * @param danced counts since the first step; negative inside the intro
   */
  public OptionalLong millisAfter(int danced) {
    return tempo
        .map(it -> OptionalLong.of(it.millisOf(Math.max(0L, (long) intro + danced))))
        .orElse(OptionalLong.empty());
  }

  /** Whole counts that the song holds after its intro, where its speed and length are known. */
  public OptionalInt counts() {
    if (tempo.isEmpty() || songMillis.isEmpty()) {
      return OptionalInt.empty();
    }
    long all = tempo.get().countsIn(songMillis.getAsLong());
    return OptionalInt.of((int) Math.max(0, all - intro));
  }

  /**
   * Counts of a wall and the tags after it that the music holds; all where its end is not known.
   */
  public int held(Wall wall) {
    int all = wall.counts() + wall.tagCounts();
    OptionalInt counts = counts();
    return counts.isPresent() ? Math.clamp(counts.getAsInt() - wall.startCount(), 0, all) : all;
  }
}
