package ulnaawl.formats.sound;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;
import ulnaawl.play.Performance;
import ulnaawl.play.Said;
import ulnaawl.play.band.BandPart;
import ulnaawl.play.band.Clicks;
import ulnaawl.play.band.Hit;

/**
 * A run-through as sound: count-in, click, band, counts and calls. A RIFF WAVE file of 16 bit PCM,
 * one channel. It is made while it is written, so that a long one takes little memory.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
public final class PracticeWav {

  /** Samples a second. */
  public static final int RATE = 22_050;

  /** The longest file that is made, in minutes. */
  public static final int MOST_MINUTES = 30;

  private static final int BITS = 16;
  private static final long SECOND = 1_000_000_000L;

  /** The last sound may ring after the last count, in samples. */
  private static final int RINGING = RATE;

  private static final float VOICE = 0.9f;
  private static final float BAND = 0.6f;

  private final Performance performance;
  private final List<Sound> sounds = new ArrayList<>();
  private final TreeSet<String> unsaid = new TreeSet<>();

  /** A sound from its first sample. */
  @RequiredArgsConstructor
  private static final class Sound {

    private final long start;
    private final float[] samples;
    private final float loudness;

    long start() {
      return start;
    }

    long end() {
      return start + samples.length;
    }

    /** Adds what of it falls into a block that begins with sample {@code from}. */
    void addTo(float[] block, long from) {
      int begin = (int) Math.max(0, start - from);
      int end = (int) Math.min(block.length, end() - from);
      for (int i = begin; i < end; i++) {
        block[i] += loudness * samples[(int) (from + i - start)];
      }
    }
  }

  /**
   * Lays out what is heard.
   *
   * @throws IllegalArgumentException where it would be longer than {@link #MOST_MINUTES}
   */
  public static PracticeWav of(Performance performance, BandPart band, Mix mix) {
    if (performance.nanos() > MOST_MINUTES * 60 * SECOND) {
      throw new IllegalArgumentException(
          "A file for practice is at most " + MOST_MINUTES + " minutes long; choose fewer walls.");
    }
    PracticeWav wav = new PracticeWav(performance);
    Synth synth = new Synth(RATE);
    if (mix.click()) {
      Clicks.of(performance.track(), performance.meter(), performance.countIn())
          .forEach(click -> wav.add(click, synth, 1));
    }
    if (mix.band()) {
      for (Hit hit : band.hits(performance.track().ticks())) {
        wav.add(hit, synth, BAND);
      }
    }
    if (mix.voice()) {
      performance.said().forEach(wav::say);
    }
    wav.sounds.sort(Comparator.comparingLong(Sound::start));
    return wav;
  }

  /** Words of calls that the voice cannot say; those calls are left out. */
  public List<String> unsaid() {
    return List.copyOf(unsaid);
  }

  private void add(Hit hit, Synth synth, float loudness) {
    sounds.add(new Sound(sampleAt(hit.tick()), synth.sound(hit), loudness * hit.strength() / 100));
  }

  private void say(Said said) {
    Voice.shipped()
        .say(said.keys())
        .ifPresentOrElse(
            clip -> sounds.add(new Sound(sampleAt(said.tick()), faster(clip), VOICE)),
            () ->
                said.keys().stream()
                    .filter(key -> !Voice.shipped().clips().containsKey(key))
                    .forEach(unsaid::add));
  }

  /** From the voice's samples a second to the file's, in straight lines. */
  private static float[] faster(float[] clip) {
    float[] more = new float[(int) ((long) clip.length * RATE / Voice.RATE)];
    for (int i = 0; i < more.length; i++) {
      double at = (double) i * Voice.RATE / RATE;
      int left = (int) at;
      float next = clip[Math.min(left + 1, clip.length - 1)];
      more[i] = (float) (clip[left] + (at - left) * (next - clip[left]));
    }
    return more;
  }

  private long sampleAt(int tick) {
    return Math.round((double) performance.nanosAt(tick) * RATE / SECOND);
  }

  private long samples() {
    return performance.nanos() * RATE / SECOND + RINGING;
  }

  /** Writes the file. */
  public void write(OutputStream out) throws IOException {
    AudioFormat format = new AudioFormat(RATE, BITS, 1, true, false);
    try (AudioInputStream stream = new AudioInputStream(new Mixer(), format, samples())) {
      AudioSystem.write(stream, AudioFileFormat.Type.WAVE, out);
    }
  }

  /** Adds the sounds up, block by block. */
  private final class Mixer extends InputStream {

    private static final int BLOCK = 8192;

    private final byte[] block = new byte[BLOCK * 2];
    private final List<Sound> ringing = new ArrayList<>();
    private int next;
    private long mixed;
    private int at = block.length;

    @Override
    public int read() {
      byte[] one = new byte[1];
      return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
    }

    @Override
    public int read(byte[] into, int from, int most) {
      if (at == block.length) {
        if (mixed >= samples()) {
          return -1;
        }
        mix();
      }
      int bytes = Math.min(most, block.length - at);
      System.arraycopy(block, at, into, from, bytes);
      at += bytes;
      return bytes;
    }

    private void mix() {
      float[] sum = new float[BLOCK];
      while (next < sounds.size() && sounds.get(next).start() < mixed + BLOCK) {
        ringing.add(sounds.get(next++));
      }
      ringing.forEach(sound -> sound.addTo(sum, mixed));
      mixed += BLOCK;
      ringing.removeIf(sound -> sound.end() <= mixed);
      for (int i = 0; i < BLOCK; i++) {
        // Loud places are rounded off, not cut.
        int value = (int) Math.round(Math.tanh(sum[i]) * Short.MAX_VALUE);
        block[2 * i] = (byte) value;
        block[2 * i + 1] = (byte) (value >> 8);
      }
      at = 0;
    }
  }
}
