package ulnaawl.formats.sound;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.testng.annotations.Test;
import ulnaawl.music.Tempo;
import ulnaawl.play.Performance;
import ulnaawl.play.Said;
import ulnaawl.teach.lesson.Scope;

/**
 * The file as others read it: by the JDK, by the bytes of the RIFF WAVE format ("Multimedia
 * Programming Interface and Data Specifications 1.0", 1991), and by ear, that is by its energy.
 */
public class PracticeWavTest {

  private static byte[] bytes(Performance performance, Mix mix) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PracticeWav.of(performance, Played.band(performance), mix).write(out);
    return out.toByteArray();
  }

  private static short[] samples(byte[] file) throws IOException, UnsupportedAudioFileException {
    try (AudioInputStream in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(file))) {
      AudioFormat format = in.getFormat();
      assertEquals(format.getChannels(), 1);
      assertEquals(format.getSampleSizeInBits(), 16);
      assertEquals((int) format.getSampleRate(), PracticeWav.RATE);
      byte[] raw = in.readAllBytes();
      assertEquals(raw.length / 2, in.getFrameLength());
      short[] samples = new short[raw.length / 2];
      ByteBuffer.wrap(raw).order(ByteOrder.LITTLE_ENDIAN).asShortBuffer().get(samples);
      return samples;
    }
  }

  @Test
  public void isARiffWaveFile() throws IOException {
    byte[] file = bytes(Played.at(new Scope.OneSection(1), Tempo.ofBpm(100)), Mix.ALL);
    ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
    assertEquals(word(in), "RIFF");
    assertEquals(in.getInt(), file.length - 8);
    assertEquals(word(in), "WAVE");
    assertEquals(word(in), "fmt ");
    assertEquals(in.getInt(), 16);
    assertEquals(in.getShort(), 1, "PCM");
    assertEquals(in.getShort(), 1, "channels");
    assertEquals(in.getInt(), PracticeWav.RATE);
    assertEquals(in.getInt(), PracticeWav.RATE * 2, "bytes a second");
    assertEquals(in.getShort(), 2, "bytes a sample of all channels");
    assertEquals(in.getShort(), 16, "bits a sample");
    assertEquals(word(in), "data");
    assertEquals(in.getInt(), in.remaining());
  }

  private static String word(ByteBuffer in) {
    byte[] four = new byte[4];
    in.get(four);
    return new String(four, StandardCharsets.US_ASCII);
  }

  /**
   * Onsets are where the energy of a millisecond rises; each lies on a count, and each count has
   * one.
   */
  @Test
  public void clicksLieOnTheCounts() throws IOException, UnsupportedAudioFileException {
    for (int milli : new int[] {67_200, 93_333, 131_777}) {
      Performance run = Played.at(new Scope.Walls(1, 3), new Tempo(milli));
      List<Double> onsets = onsets(samples(bytes(run, Mix.CLICK)));
      assertEquals(onsets.size(), run.track().counts() + run.countIn());
      for (int i = 0; i < onsets.size(); i++) {
        double wanted = i * 60_000_000.0 / milli;
        assertEquals(onsets.get(i), wanted, 3, "count " + i + " at " + milli);
      }
    }
  }

  private static List<Double> onsets(short[] samples) {
    int window = PracticeWav.RATE / 1000;
    List<Double> found = new ArrayList<>();
    double before = 0;
    int silent = window * 100;
    for (int at = 0; at + window <= samples.length; at += window) {
      double energy = 0;
      for (int i = at; i < at + window; i++) {
        energy += (double) samples[i] * samples[i];
      }
      energy = Math.sqrt(energy / window);
      if (energy > 2500 && energy > 4 * before && silent >= window * 100) {
        found.add(at * 1000.0 / PracticeWav.RATE);
        silent = 0;
      }
      before = Math.max(before * 0.98, energy);
      silent += window;
      if (silent > window * 150) {
        before = Math.min(before, 100);
      }
    }
    return found;
  }

  /** The voice speaks when the core says so, and is silent otherwise. */
  @Test
  public void callsAreWhereTheyBelong() throws IOException, UnsupportedAudioFileException {
    Performance run = Played.at(new Scope.Walls(1, 2), Tempo.ofBpm(70));
    short[] samples = samples(bytes(run, new Mix(false, false, true)));
    boolean[] allowed = new boolean[samples.length];
    for (Said said : run.said()) {
      int from = at(run, said.tick());
      int to = Math.min(samples.length, at(run, said.endTick()) + 2);
      Arrays.fill(allowed, from, to, true);
      double loudest = 0;
      for (int i = from; i < to; i++) {
        loudest = Math.max(loudest, Math.abs(samples[i]));
      }
      assertTrue(loudest > 3000, said + " is not heard");
    }
    for (int i = 0; i < samples.length; i++) {
      assertTrue(allowed[i] || samples[i] == 0, "something is said at sample " + i);
    }
  }

  private static int at(Performance run, int tick) {
    return (int) (run.nanosAt(tick) * PracticeWav.RATE / 1_000_000_000L);
  }

  /** Nothing is cut off at full loudness, and two runs are the same file. */
  @Test
  public void isNeverCutAndAlwaysTheSame() throws IOException, UnsupportedAudioFileException {
    Performance run = Played.at(new Scope.Walls(1, 2), Tempo.ofBpm(112));
    byte[] one = bytes(run, Mix.ALL);
    assertEquals(bytes(run, Mix.ALL), one);
    int loud = 0;
    for (short sample : samples(one)) {
      loud += Math.abs(sample) > 32_500 ? 1 : 0;
    }
    assertTrue(loud < samples(one).length / 1000, loud + " samples are nearly cut");
  }

  @Test
  public void aFileThatWouldBeTooLongIsRefused() {
    Performance run = Played.at(new Scope.Walls(1, 12), Tempo.ofBpm(20));
    assertTrue(run.nanos() < PracticeWav.MOST_MINUTES * 60_000_000_000L);
    Performance slow = new Performance(longer(run), run.meter(), run.rate(), List.of());
    assertThrows(
        IllegalArgumentException.class, () -> PracticeWav.of(slow, Played.band(run), Mix.CLICK));
  }

  private static ulnaawl.play.Track longer(Performance run) {
    ulnaawl.play.Track track = run.track();
    return new ulnaawl.play.Track(
        0,
        track.counts() * 20,
        track.startFacing(),
        track.startFeet(),
        track.startWeight(),
        track.legs(),
        track.steps(),
        track.announced());
  }
}
