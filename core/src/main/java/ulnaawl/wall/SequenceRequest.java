package ulnaawl.wall;

import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.dance.Dance;
import ulnaawl.music.Song;
import ulnaawl.notation.Stated;

/**
 * How long to dance, and how.
 *
 * @param song the music; empty: no clock times
 * @param walls number of walls; empty: as long as the song holds, else {@link #USUAL_WALLS}
 * @param optional whether optional tags and restarts are danced
 */
public record SequenceRequest(Optional<Song> song, OptionalInt walls, boolean optional) {

  /** Walls that are laid out where no song says how many there are. */
  public static final int USUAL_WALLS = 12;

  /** The most walls that are laid out. */
  public static final int MOST_WALLS = 99;

  /** With the dance's first song, as long as it holds, without what is optional. */
  public static SequenceRequest of(Dance dance) {
    return new SequenceRequest(
        dance.headers().songs().stream().findFirst().map(Stated::value),
        OptionalInt.empty(),
        false);
  }

  public SequenceRequest withWalls(int number) {
    return new SequenceRequest(song, OptionalInt.of(number), optional);
  }

  public SequenceRequest withOptional(boolean danced) {
    return new SequenceRequest(song, walls, danced);
  }
}
