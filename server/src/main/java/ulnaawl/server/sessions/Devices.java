package ulnaawl.server.sessions;

import lombok.RequiredArgsConstructor;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.people.AccessEnded;
import ulnaawl.server.platform.Today;

/** Devices on which somebody has signed in before; only a digest of their token is kept. */
@Component
@RequiredArgsConstructor
class Devices {

  private final DeviceStore store;
  private final Today today;

  /** Whether somebody has signed in as this person with that token before. */
  boolean knows(long person, String token) {
    return !token.isEmpty() && store.has(person, Secrets.digest(token));
  }

  /** A new token for the device on which this person has just signed in. */
  @Transactional
  public String remember(long person) {
    String token = Secrets.word();
    store.add(person, Secrets.digest(token), today.moment());
    return token;
  }

  /** A device is known by the password that was used on it. */
  @EventListener
  void forget(AccessEnded ended) {
    store.forget(ended.id());
  }
}
