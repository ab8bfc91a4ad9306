package ulnaawl.formats.sound;

import java.util.HashMap;
import java.util.Map;
import ulnaawl.play.band.Hit;
import ulnaawl.play.band.Instrument;

/** Makes the band's sounds from their description: a tone that glides and fades, with noise. */
final class Synth {

  /** Sounds fade to a thousandth in their time. */
  private static final double FADE = Math.log(1000);

  /** Overtones of the bass, so that a small loudspeaker lets one hear it. */
  private static final double[] OVERTONES = {1, 0.45, 0.2};

  private static final long SEED = 20_240_229;

  private final int rate;
  private final Map<Key, float[]> made = new HashMap<>();

  private record Key(Instrument instrument, int semitones) {}

  /** For so many samples a second. */
  Synth(int rate) {
    this.rate = rate;
  }

  /** The sound of a hit at full strength. */
  float[] sound(Hit hit) {
    return made.computeIfAbsent(
        new Key(hit.instrument(), hit.semitones()),
        key -> make(key.instrument().sound(), key.semitones(), overtones(key.instrument())));
  }

  private static int overtones(Instrument instrument) {
    return instrument == Instrument.BASS ? OVERTONES.length : 1;
  }

  private float[] make(Instrument.Sound sound, int semitones, int overtones) {
    float[] samples = new float[rate * sound.millis() / 1000];
    double higher = Math.pow(2, semitones / 12.0);
    double glide = sound.fromHz() == 0 ? 1 : (double) sound.toHz() / sound.fromHz();
    double noiseShare = sound.noise() / 100.0;
    double keep = 1 / (1 + 2 * Math.PI * sound.noiseAboveHz() / rate);
    java.util.Random random = new java.util.Random(SEED);
    double phase = Math.PI / 2;
    double before = 0;
    double high = 0;
    for (int i = 0; i < samples.length; i++) {
      double share = (double) i / samples.length;
      double white = random.nextDouble() * 2 - 1;
      high = keep * (high + white - before);
      before = white;
      double tone = 0;
      for (int k = 0; k < overtones; k++) {
        tone += OVERTONES[k] * Math.sin((k + 1) * phase);
      }
      double loud = Math.exp(-FADE * share) * sound.loudness() / 100;
      samples[i] =
          (float)
              (loud * ((sound.fromHz() == 0 ? 0 : (1 - noiseShare) * tone) + noiseShare * high));
      phase += 2 * Math.PI * sound.fromHz() * higher * Math.pow(glide, share) / rate;
    }
    return samples;
  }
}
