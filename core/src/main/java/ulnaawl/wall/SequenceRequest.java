package ulnaawl.wall;

import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.dance.Dance;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Song;
import ulnaawl.notation.Stated;

/**
 * How long to dance, and how.
 *
 * @param song the music; empty: no clock times
 * @param walls number of walls; empty: as long as the song holds, else {@link #USUAL_WALLS}
 * @param optional whether optional tags and restarts are danced
 * @param intro counts of music before the first step; empty: as the dance's sheet says
 */
public record SequenceRequest(
    Optional<Song> song, OptionalInt walls, boolean optional, OptionalInt intro) {

  /** Walls that are laid out where no song says how many there are. */
  public static final int USUAL_WALLS = 12;

  /** The most walls that are laid out. */
  public static final int MOST_WALLS = 99;

  /** With the intro that the sheet says. */
  public SequenceRequest(Optional<Song> song, OptionalInt walls, boolean optional) {
    this(song, walls, optional, OptionalInt.empty());
  }

  /** With a song of the club's list and its own intro; where that is not known, without one. */
  public static SequenceRequest of(ListedSong song, boolean optional) {
    return new SequenceRequest(
        Optional.of(song.song()),
        OptionalInt.empty(),
        optional,
        OptionalInt.of(song.intro().orElse(0)));
  }

  /** With a song of the dance's own sheet: the sheet's intro counts, else what the list knows. */
  public static SequenceRequest ofSheet(Dance dance, ListedSong song, boolean optional) {
    OptionalInt intro = dance.headers().intro().isPresent() ? OptionalInt.empty() : song.intro();
    return new SequenceRequest(Optional.of(song.song()), OptionalInt.empty(), optional, intro);
  }

  /** With the dance's first song, as long as it holds, without what is optional. */
  public static SequenceRequest of(Dance dance) {
    return new SequenceRequest(
        dance.headers().songs().stream().findFirst().map(Stated::value),
        OptionalInt.empty(),
        false);
  }

  /** Counts of music before the first step. */
  public int introOf(Dance dance) {
    return intro.orElseGet(() -> dance.headers().intro().map(Stated::value).orElse(0));
  }

  public SequenceRequest withWalls(int number) {
    return new SequenceRequest(song, OptionalInt.of(number), optional, intro);
  }

  public SequenceRequest withOptional(boolean danced) {
    return new SequenceRequest(song, walls, danced, intro);
  }
}
