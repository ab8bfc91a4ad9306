package ulnaawl.server.people;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.Problem;

/**
 * What a new password must be: 8 to 200 characters, and none that everybody tries first (NIST SP
 * 800-63B, 5.1.1.2, from memory: length and a list, no rules about kinds of characters).
 */
@Component
public class PasswordRules {

  /** The fewest characters of a password. */
  public static final int LEAST = 8;

  /** The most characters of a password. */
  public static final int MOST = 200;

  private final Set<String> common = read();

  private static Set<String> read() {
    String file = "/ulnaawl/server/people/common-passwords.txt";
    try (InputStream in =
        Objects.requireNonNull(PasswordRules.class.getResourceAsStream(file), file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.isBlank() && !line.startsWith("#"))
          .collect(Collectors.toSet());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Refuses what is too easy to guess.
   *
   * @throws Problem with what would do
   */
  void check(String name, String password) {
    String plain = password.toLowerCase(Locale.ROOT).strip();
    boolean fewSigns = plain.chars().distinct().count() < 3;
    if (common.contains(plain) || fewSigns) {
      throw Problem.rejected(
          "This password is one of those that are tried first; take a few words that only you"
              + " would put together.");
    }
    if (plain.equals(name.toLowerCase(Locale.ROOT).strip())) {
      throw Problem.rejected("The password must not be the name.");
    }
  }
}
