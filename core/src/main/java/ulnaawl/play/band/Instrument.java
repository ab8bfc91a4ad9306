package ulnaawl.play.band;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import ulnaawl.text.DataFile;

/** What plays in the band. */
public enum Instrument {
  KICK,
  SNARE,
  HAT,
  CRASH,
  BELL,
  CONGA,
  BASS,
  CLICK,
  ACCENT;

  /**
   * How an instrument sounds: a tone that glides and fades, with noise.
   *
   * @param midi its number in a MIDI file: a percussion key of General MIDI level 1; for the bass a
   *     program, from 1
   * @param fromHz the tone at its beginning; 0: no tone
   * @param toHz the tone at its end
   * @param millis how long it takes to fade to a thousandth
   * @param noise share of noise in percent
   * @param noiseAboveHz the noise is heard above that
   * @param loudness in percent
   */
  public record Sound(
      int midi, int fromHz, int toHz, int millis, int noise, int noiseAboveHz, int loudness) {}

  private static final List<List<String>> ROWS = DataFile.rows(Instrument.class, "instruments.txt");

  /** As the tables write it. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  static Instrument named(String word) {
    return valueOf(word.toUpperCase(Locale.ROOT));
  }

  public Sound sound() {
    List<String> row =
        ROWS.stream().filter(it -> it.getFirst().equals(word())).findFirst().orElseThrow();
    int[] numbers = row.stream().skip(1).mapToInt(Integer::parseInt).toArray();
    return new Sound(
        numbers[0], numbers[1], numbers[2], numbers[3], numbers[4], numbers[5], numbers[6]);
  }

  /** All of them, in the order of the table. */
  public static List<Instrument> all() {
    return Arrays.asList(values());
  }
}
