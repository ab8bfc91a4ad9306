package ulnaawl.server.people;

import java.time.Duration;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Links with which somebody who forgot a password chooses a new one, once and soon. */
@Service
@RequiredArgsConstructor
public class PasswordLinks {

  private static final Duration GOOD_FOR = Duration.ofDays(2);

  private final PasswordLinkStore store;
  private final PeopleService people;
  private final Today today;

  /** The word of a new link for somebody; it is said once, and no copy of it is kept. */
  @Transactional
  String make(long person, SignedIn by) {
    Person found =
        people
            .find(person)
            .orElseThrow(() -> Problem.gone("This person is not in the club any more."));
    Roles.needCovers(by, found.role());
    String word = Secrets.word();
    store.keep(person, Secrets.digest(word), today.moment().plus(GOOD_FOR));
    return word;
  }

  /** Chooses a new password with the word of a link, which is worth nothing afterwards. */
  @Transactional
  public Person use(String word, String password) {
    long person =
        store
            .take(Secrets.digest(word), today.moment())
            .orElseThrow(() ->
                Problem.rejected(
                    "This link was used already, or it is older than two days; ask an owner"
                        + " for a new one."));
    return people.choosePassword(person, password);
  }
}
