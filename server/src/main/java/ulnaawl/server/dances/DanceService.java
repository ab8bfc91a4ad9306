package ulnaawl.server.dances;

import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.notation.Limits;
import ulnaawl.server.platform.Change;
import ulnaawl.server.platform.InstructorOnly;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;

/** The club's dances. A dance with mistakes can be kept: work in progress must not be lost. */
@Service
public class DanceService {

  private final DanceStore store;
  private final DanceReader reader;
  private final ApplicationEventPublisher events;
  private final Today today;

  DanceService(
      DanceStore store, DanceReader reader, ApplicationEventPublisher events, Today today) {
    this.store = store;
    this.reader = reader;
    this.events = events;
    this.today = today;
  }

  public List<DanceRow> all() {
    return store.all();
  }

  /** The dance, or a problem that says it is gone. */
  public DanceRow get(long id) {
    return store
        .find(id)
        .orElseThrow(() -> Problem.gone("This dance is not here; somebody may have removed it."));
  }

  /** The dance as read; refused where it has mistakes that keep it from being danced. */
  public ReadDance danceable(long id) {
    ReadDance read = reader.read(get(id).stepText());
    if (!read.isSound()) {
      throw Problem.rejected(
          read.dance().title() + " still has mistakes in its text; mend these first.");
    }
    return read;
  }

  @InstructorOnly
  @Transactional
  DanceRow add(String stepText, SignedIn me) {
    return addFor(stepText, me.name());
  }

  /** Adds a dance without a role check, for the demo club. */
  @Transactional
  public DanceRow addFor(String stepText, String by) {
    ReadDance read = checked(stepText);
    String title = title(read);
    events.publishEvent(new Change(by, "added the dance", title));
    return store.add(title, stepText, by, today.moment());
  }

  @InstructorOnly
  @Transactional
  DanceRow change(long id, int version, String stepText, SignedIn me) {
    DanceRow now = get(id);
    ReadDance read = checked(stepText);
    if (!store.change(id, version, title(read), stepText, me.name(), today.moment())) {
      throw Problem.conflict(
          now.updatedBy()
              + " has changed this dance in the meantime. Your text is still here: copy it, open the"
              + " dance again and put both together.");
    }
    events.publishEvent(new Change(me.name(), "changed the dance", title(read)));
    return get(id);
  }

  @InstructorOnly
  @Transactional
  void remove(long id, int version, SignedIn me) {
    DanceRow now = get(id);
    if (!store.remove(id, version)) {
      throw Problem.conflict(
          now.updatedBy() + " has changed this dance in the meantime; look at it again first.");
    }
    events.publishEvent(
        new Change(me.name(), "removed the dance", title(reader.read(now.stepText()))));
  }

  private ReadDance checked(String stepText) {
    if (stepText.length() > Limits.TEXT) {
      throw Problem.rejected(
          "The text has "
              + stepText.length()
              + " characters; a dance is read up to "
              + Limits.TEXT
              + ".");
    }
    if (stepText.indexOf('\0') >= 0) {
      throw Problem.rejected("This is not a text.");
    }
    return reader.read(stepText);
  }

  private static String title(ReadDance read) {
    String title = read.dance().title();
    return title.length() > 200 ? title.substring(0, 199) + "…" : title;
  }
}
