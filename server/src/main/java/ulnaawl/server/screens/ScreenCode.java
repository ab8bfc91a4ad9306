package ulnaawl.server.screens;

import java.security.SecureRandom;
import java.util.Locale;
import java.util.Optional;

/**
 * A short code that opens a screen: ten signs that cannot be taken for one another, 50 bits by
 * chance. With a thousand tries a second and two hundred screens open, one is met in some hundred
 * years; so tries are not counted, and nobody can lock a hall out of its own screen.
 *
 * @param text ten of {@link #SIGNS}
 */
record ScreenCode(String text) {

  private static final String SIGNS = "23456789ABCDEFGHJKLMNPQRSTUVWXYZ";
  private static final int LENGTH = 10;
  private static final SecureRandom CHANCE = new SecureRandom();

  static ScreenCode byChance() {
    StringBuilder code = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      code.append(SIGNS.charAt(CHANCE.nextInt(SIGNS.length())));
    }
    return new ScreenCode(code.toString());
  }

  /** A code as somebody typed it: small letters, spaces and a dash do not matter. */
  static Optional<ScreenCode> typed(String words) {
    String code = words.toUpperCase(Locale.ROOT).replaceAll("[\\s-]", "");
    boolean right =
        code.length() == LENGTH && code.chars().allMatch(sign -> SIGNS.indexOf(sign) >= 0);
    return right ? Optional.of(new ScreenCode(code)) : Optional.empty();
  }

  /** As it is shown: {@code K4PWM-7QX2T}. */
  String shown() {
    return text.substring(0, LENGTH / 2) + "-" + text.substring(LENGTH / 2);
  }
}
