package ulnaawl.e2e;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** A sound with a steady beat: a low thump and a lighter one in turn. */
final class ClickTrack {

  private static final int RATE = 44_100;
  private static final int HEADER = 44;

  private ClickTrack() {}

  /** A WAV file of one channel, 16 bits. */
  static byte[] wav(int bpm, int seconds) {
    short[] samples = new short[RATE * seconds];
    double beat = 60.0 * RATE / bpm;
    for (int number = 0; (number + 1) * beat < samples.length; number++) {
      int from = (int) (number * beat);
      boolean low = number % 2 == 0;
      for (int i = 0; i < RATE / 8; i++) {
        double fading = Math.exp(-i / (0.03 * RATE));
        double wave = Math.sin(2 * Math.PI * (low ? 60 : 180) * i / RATE);
        samples[from + i] = (short) ((low ? 28_000 : 16_000) * fading * wave);
      }
    }
    ByteBuffer file =
        ByteBuffer.allocate(HEADER + 2 * samples.length).order(ByteOrder.LITTLE_ENDIAN);
    file.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(HEADER - 8 + 2 * samples.length);
    file.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
    file.putShort((short) 1).putShort((short) 1).putInt(RATE).putInt(2 * RATE);
    file.putShort((short) 2).putShort((short) 16);
    file.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(2 * samples.length);
    for (short sample : samples) {
      file.putShort(sample);
    }
    return file.array();
  }
}
