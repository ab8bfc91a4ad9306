package ulnaawl.server.sessions;

import static org.testng.Assert.assertFalse;

import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.testng.annotations.Test;

/** A name that nobody has costs a guesser as much as one that somebody has. */
public class SignInCostTest {

  @Test
  public void nobodysHashIsMadeAsHashesAreToday() {
    String hash = SignIn.NOBODYS_HASH.replace("{argon2}", "");
    Argon2PasswordEncoder today = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    assertFalse(today.upgradeEncoding(hash), "other costs than today's");
    assertFalse(today.matches("nobody's password", hash));
  }
}
