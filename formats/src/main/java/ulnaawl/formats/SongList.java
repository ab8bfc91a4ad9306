package ulnaawl.formats;

import java.util.List;
import ulnaawl.music.ListedSong;

/**
 * A list of songs as it was read from a file.
 *
 * @param songs in the order of the file
 * @param faults what could not be read, each with its place
 */
public record SongList(List<Entry> songs, List<Fault> faults) {

  /** The most songs that are read from one file. */
  public static final int MOST = 5000;

  public SongList {
    songs = List.copyOf(songs);
    faults = List.copyOf(faults);
  }

  /**
   * A song.
   *
   * @param line where it stands in the file, from 1
   */
  public record Entry(int line, ListedSong song) {}

  /**
   * Something that could not be read.
   *
   * @param line where it stands in the file, from 1; 0 for the whole file
   * @param title of its song, as far as it could be read; may be empty
   * @param message why, and what would do
   */
  public record Fault(int line, String title, String message) {}
}
