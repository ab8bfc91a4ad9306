package ulnaawl.notation;

import java.util.List;
import java.util.Optional;
import ulnaawl.figure.Level;
import ulnaawl.floor.Weight;
import ulnaawl.music.Meter;
import ulnaawl.music.Song;

/**
 * What stands above the first section. All but the title may be missing.
 *
 * @param title the dance's name; "Untitled" where it is missing
 * @param by who made the dance
 * @param level the stated level
 * @param counts the stated length of a wall in counts
 * @param tagCounts the stated counts of all tags together, where the sheet adds them: 32 + 4
 * @param walls the stated number of walls: 1, 2 or 4
 * @param start the stated weight before the first step
 * @param intro counts of music before the first step
 * @param songs music for the dance, the first is the main one
 * @param style a free word: country, waltz, cha-cha
 * @param notes free remarks
 * @param meter how counts group into sections
 */
public record Headers(
    String title,
    Optional<Stated<String>> by,
    Optional<Stated<Level>> level,
    Optional<Stated<Integer>> counts,
    Optional<Stated<Integer>> tagCounts,
    Optional<Stated<Integer>> walls,
    Optional<Stated<Weight>> start,
    Optional<Stated<Integer>> intro,
    List<Stated<Song>> songs,
    Optional<Stated<String>> style,
    List<Stated<String>> notes,
    Meter meter) {

  public Headers {
    songs = List.copyOf(songs);
    notes = List.copyOf(notes);
  }
}
