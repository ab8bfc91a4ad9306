package ulnaawl.server;

import java.util.Map;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Passwords that cost little: tests sign in some hundred times. What one costs people, {@code
 * SignInCostTest} holds, and {@code SignInTest} signs in as they do.
 */
@TestConfiguration
class QuickPasswords {

  private static final int KILOBYTES = 64;

  @Bean
  @Primary
  PasswordEncoder cheap() {
    return new DelegatingPasswordEncoder(
        "argon2",
        Map.of(
            "argon2",
            new Argon2PasswordEncoder(16, 32, 1, KILOBYTES, 1),
            "bcrypt",
            new BCryptPasswordEncoder(4)));
  }
}
