package ulnaawl.music;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A song on the club's list.
 *
 * @param song title, artist, speed, count rate and length
 * @param intro counts of music before the first step, where known; 0 or more
 * @param meter how its counts group
 * @param style a free word: country, waltz, cha-cha
 * @param phrases how it falls into phrases after the intro
 * @param location where the club has it: a disc, a folder, a player
 * @param explicitWords whether its words are not for every hall
 */
public record ListedSong(
    Song song,
    OptionalInt intro,
    Meter meter,
    Optional<String> style,
    SongPhrases phrases,
    Optional<String> location,
    boolean explicitWords) {

  /** A song of which a dance sheet says all that is known. */
  public static ListedSong of(Song song, Meter meter) {
    return new ListedSong(
        song,
        OptionalInt.empty(),
        meter,
        Optional.empty(),
        SongPhrases.UNKNOWN,
        Optional.empty(),
        false);
  }

  /** The same song with its beats counted in another way. */
  public ListedSong counted(CountRate rate) {
    if (rate == song.rate()) {
      return this;
    }
    Song other = new Song(song.title(), song.artist(), song.bpm(), song.lengthSeconds(), rate);
    OptionalInt otherIntro =
        intro.isPresent()
            ? OptionalInt.of(song.rate().into(intro.getAsInt(), rate))
            : OptionalInt.empty();
    SongPhrases otherPhrases = phrases.counted(song.rate(), rate);
    return new ListedSong(other, otherIntro, meter, style, otherPhrases, location, explicitWords);
  }

  /** Songs with the same key are the same: case, spaces and signs in title and artist aside. */
  public String key() {
    return key(song);
  }

  /** The key of a song that a dance sheet names. */
  public static String key(Song song) {
    return plain(song.title()) + "/" + song.artist().map(ListedSong::plain).orElse("");
  }

  private static String plain(String words) {
    return words
        .toLowerCase(Locale.ROOT)
        .replace("&", " and ")
        .replaceAll("[^\\p{L}\\p{N}]+", " ")
        .strip();
  }
}
