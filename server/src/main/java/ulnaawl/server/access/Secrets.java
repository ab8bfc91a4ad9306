package ulnaawl.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;

/** Words by chance that open something, and what is kept of them. */
public final class Secrets {

  private static final int BYTES = 16;
  private static final SecureRandom CHANCE = new SecureRandom();

  private Secrets() {}

  /** A word of 128 bits by chance, in hexadecimal. */
  public static String word() {
    byte[] bytes = new byte[BYTES];
    CHANCE.nextBytes(bytes);
    return HexFormat.of().formatHex(bytes);
  }

  /** What is kept of a word, so that whoever reads the database cannot use it: SHA-256. */
  public static String digest(String word) {
    try {
      MessageDigest sha = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha.digest(word.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }
}
