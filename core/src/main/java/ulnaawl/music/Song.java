package ulnaawl.music;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * A song as a dance sheet names it; only the title is always known.
 *
 * @param title never blank
 * @param artist who plays it, if stated
 * @param bpm the printed beats per minute, if stated
 * @param lengthSeconds playing time in seconds, if stated; 1 or more
 * @param rate how dancers count against the printed beats
 */
public record Song(
    String title,
    Optional<String> artist,
    Optional<Tempo> bpm,
    OptionalInt lengthSeconds,
    CountRate rate) {

  public Song {
    if (title.isBlank()) {
      throw new IllegalArgumentException("A song has a title");
    }
  }

  /** Counts per minute as danced, if the beats per minute are known. */
  public Optional<Tempo> countsPerMinute() {
    return bpm.map(tempo -> tempo.counted(rate));
  }

  /** Whole counts that the song lasts, where both its speed and its length are known. */
  public OptionalInt counts() {
    if (bpm.isEmpty() || lengthSeconds.isEmpty()) {
      return OptionalInt.empty();
    }
    long counts = bpm.get().counted(rate).countsIn(lengthSeconds.getAsInt() * 1000L);
    return OptionalInt.of((int) counts);
  }
}
