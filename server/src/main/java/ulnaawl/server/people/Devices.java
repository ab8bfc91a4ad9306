package ulnaawl.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.platform.Today;

/** Devices on which somebody has signed in before; only a digest of their token is kept. */
@Component
class Devices {

  private static final int TOKEN_BYTES = 16;

  private final DeviceStore store;
  private final Today today;
  private final SecureRandom random = new SecureRandom();

  Devices(DeviceStore store, Today today) {
    this.store = store;
    this.today = today;
  }

  /** Whether somebody has signed in as this person with that token before. */
  boolean knows(long person, String token) {
    return !token.isEmpty() && store.has(person, digest(token));
  }

  /** A new token for the device on which this person has just signed in. */
  @Transactional
  public String remember(long person) {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    String token = HexFormat.of().formatHex(bytes);
    store.add(person, digest(token), today.moment());
    return token;
  }

  private static String digest(String token) {
    try {
      MessageDigest sha = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha.digest(token.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }
}
