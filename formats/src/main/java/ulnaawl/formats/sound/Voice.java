package ulnaawl.formats.sound;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import ulnaawl.text.DataFile;

/**
 * The voice that counts and calls: short clips by what they say, all in one file. They are made by
 * {@code ops/voice/make-voice.sh}; each is at most as long as the core allows for its word.
 */
public final class Voice {

  /** Samples a second of the clips. */
  public static final int RATE = 16_000;

  /** The file with all clips: G.711 mu-law, one channel, {@link #RATE} samples a second. */
  private static final String SOUND = "voice.ul";

  private static final Voice SHIPPED = new Voice();

  private final byte[] sound = bytes();
  private final Map<String, Clip> clips = new LinkedHashMap<>();

  private Voice() {
    for (List<String> row : DataFile.rows(Voice.class, "voice.txt")) {
      clips.put(row.get(0), new Clip(Integer.parseInt(row.get(1)), Integer.parseInt(row.get(2))));
    }
  }

  /** The voice that ships. */
  public static Voice shipped() {
    return SHIPPED;
  }

  /**
   * Where a clip lies in the file.
   *
   * @param start its first sample, from 0
   * @param samples how many it has
   */
  public record Clip(int start, int samples) {}

  /** All clips by what they say, see {@link ulnaawl.play.Said#keys}. */
  public Map<String, Clip> clips() {
    return Collections.unmodifiableMap(clips);
  }

  /** The file with all clips: a byte a sample, mu-law. */
  public byte[] sound() {
    return sound.clone();
  }

  /**
   * What is said by some clips one after the other, from -1 to 1; empty where one of them is not
   * there, for half a call would be wrong.
   */
  Optional<float[]> say(List<String> keys) {
    List<Clip> found = new ArrayList<>();
    int samples = 0;
    for (String key : keys) {
      Clip clip = clips.get(key);
      if (clip == null) {
        return Optional.empty();
      }
      found.add(clip);
      samples += clip.samples();
    }
    float[] said = new float[samples];
    int at = 0;
    for (Clip clip : found) {
      for (int i = 0; i < clip.samples(); i++) {
        said[at++] = MuLaw.decode(sound[clip.start() + i]);
      }
    }
    return Optional.of(said);
  }

  private static byte[] bytes() {
    try (InputStream in = Objects.requireNonNull(Voice.class.getResourceAsStream(SOUND), SOUND)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
