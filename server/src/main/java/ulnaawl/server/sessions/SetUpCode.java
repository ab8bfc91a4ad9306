package ulnaawl.server.sessions;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.UlnaSettings;

/**
 * The word that makes somebody the first owner: it stands in the window in which the server was
 * started, so that only who started it can begin the club.
 */
@Component
class SetUpCode {

  private static final Logger LOG = LoggerFactory.getLogger(SetUpCode.class);

  /** Without letters and digits that look alike. */
  private static final String ALPHABET = "abcdefghjkmnpqrstuvwxyz23456789";

  private static final int LENGTH = 10;

  private final String code;
  private final PeopleService people;

  SetUpCode(UlnaSettings settings, PeopleService people) {
    this.code = Optional.ofNullable(settings.setUpCode()).orElseGet(SetUpCode::random);
    this.people = people;
  }

  private static String random() {
    SecureRandom random = new SecureRandom();
    StringBuilder word = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      word.append(ALPHABET.charAt(random.nextInt(ALPHABET.length())));
    }
    return word.toString();
  }

  /** Whether that is it; capitals and spaces do not matter. */
  boolean is(String typed) {
    String clean = typed.replaceAll("[\\s-]", "").toLowerCase(Locale.ROOT);
    return MessageDigest.isEqual(
        clean.getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8));
  }

  @EventListener(ApplicationReadyEvent.class)
  void say() {
    if (people.needsSetup()) {
      LOG.info(
          "Nobody has an account yet. Open the page and set the club up with this code: {}", code);
    }
  }
}
