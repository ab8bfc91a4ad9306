package ulnaawl.song;

import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Song;

/**
 * The song to which a dance is danced on an evening: the first that its sheet names, as the club's
 * list knows it where it is there.
 *
 * @param song empty where the sheet names none
 * @param missing what is not there to play it; empty where all is there
 */
public record EveningSong(Optional<ListedSong> song, Optional<Missing> missing) {

  /** What is not there before an evening. */
  public enum Missing {
    NO_SONG,
    NOT_LISTED,
    NO_LENGTH
  }

  /** The song that the sheet of a dance names first. */
  public static Optional<Song> named(Dance dance) {
    return dance.headers().songs().stream().findFirst().map(stated -> stated.value());
  }

  /**
   * Of a dance.
   *
   * @param listed the same song on the club's list, where it is there
   */
  public static EveningSong of(Dance dance, Optional<ListedSong> listed) {
    Optional<ListedSong> song =
        listed.or(() -> named(dance).map(it -> ListedSong.of(it, dance.headers().meter())));
    return new EveningSong(song, missing(song, listed.isPresent()));
  }

  private static Optional<Missing> missing(Optional<ListedSong> song, boolean listed) {
    if (song.isEmpty()) {
      return Optional.of(Missing.NO_SONG);
    }
    if (!listed) {
      return Optional.of(Missing.NOT_LISTED);
    }
    boolean length = song.get().song().lengthSeconds().isPresent();
    return length ? Optional.empty() : Optional.of(Missing.NO_LENGTH);
  }
}
