package ulnaawl.server.history;

import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.Today;

/**
 * Notes what somebody did without changing anything: came in, was refused, took a copy away. Where
 * it cannot be written (a full disk), the server's log says so, and what was asked for goes on.
 */
@Service
@RequiredArgsConstructor
public class Audit {

  private static final Logger LOG = LoggerFactory.getLogger(Audit.class);

  private final ChangeLogStore store;
  private final Today today;

  /** Somebody came in on a kind of device. */
  public void signedIn(PersonId who, String device) {
    note(Thing.SESSION, Action.SIGNED_IN, who, device);
  }

  /** Somebody said to be that person and gave a wrong password. */
  public void refused(PersonId who) {
    note(Thing.SESSION, Action.REFUSED, who, "a wrong password");
  }

  /** Somebody took a copy away. */
  public void exported(PersonId who, String what) {
    note(Thing.EXPORT, Action.EXPORTED, who, what);
  }

  private void note(Thing thing, Action action, PersonId by, String subject) {
    try {
      store.add(Change.of(thing, 0, action, by, subject), today.moment());
    } catch (DataAccessException | TransactionException notNow) {
      LOG.warn("Not noted: {} {} {}", by, action, subject, notNow);
    }
  }
}
