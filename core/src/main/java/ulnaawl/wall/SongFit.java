package ulnaawl.wall;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import ulnaawl.dance.Dance;

/**
 * How a dance fits a song.
 *
 * @param wholeWalls walls that are danced to their end, those cut short by a restart included
 * @param wallMillis how long a whole wall lasts, where the tempo is known
 * @param introMillis how long the music plays before the first step, where the tempo is known
 * @param songCounts counts that the song holds after its intro, where known
 * @param end where the music stops, where known
 * @param left counts of the last wall that the music does not hold any more; 0 where it stops with
 *     the wall
 * @param idle counts of music after the dance is over, where its own ending or order ends it; else
 *     0
 */
public record SongFit(
    int wholeWalls,
    OptionalLong wallMillis,
    OptionalLong introMillis,
    OptionalInt songCounts,
    Optional<SongEnd> end,
    int left,
    int idle) {

  /** How the walls of a request fit its song. */
  public static SongFit of(Dance dance, SequenceRequest request) {
    SongClock clock = SongClock.of(dance, request);
    WallSequence sequence = WallSequence.of(dance, request);
    if (sequence.songEnd().isEmpty()) {
      int danced =
          sequence.walls().isEmpty()
              ? 0
              : sequence.walls().getLast().startCount() + countsOf(sequence.walls().getLast());
      int idle = Math.max(0, clock.counts().orElse(danced) - danced);
      return of(dance, clock, sequence, sequence.walls().size(), 0, idle);
    }
    SongEnd end = sequence.songEnd().get();
    Wall last = sequence.walls().get(end.wall() - 1);
    int left = Math.max(0, last.counts() - end.count());
    return of(dance, clock, sequence, left == 0 ? end.wall() : end.wall() - 1, left, 0);
  }

  private static int countsOf(Wall wall) {
    return wall.counts() + wall.tagCounts();
  }

  private static SongFit of(
      Dance dance, SongClock clock, WallSequence sequence, int whole, int left, int idle) {
    OptionalLong wallMillis =
        clock.tempo().isPresent()
            ? OptionalLong.of(clock.tempo().get().millisOf(dance.main().counts()))
            : OptionalLong.empty();
    return new SongFit(
        whole,
        wallMillis,
        clock.tempo().isPresent() ? clock.millisAfter(0) : OptionalLong.empty(),
        clock.counts(),
        sequence.songEnd(),
        left,
        idle);
  }
}
