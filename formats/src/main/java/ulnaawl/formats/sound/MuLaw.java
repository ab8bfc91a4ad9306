package ulnaawl.formats.sound;

/** The mu-law of ITU-T recommendation G.711, as a sample between -1 and 1. */
final class MuLaw {

  private static final int BIAS = 0x84;

  private MuLaw() {}

  static float decode(byte code) {
    int bits = ~code & 0xFF;
    int exponent = (bits >> 4) & 7;
    int size = ((((bits & 0x0F) << 3) + BIAS) << exponent) - BIAS;
    return ((bits & 0x80) == 0 ? size : -size) / 32768f;
  }
}
