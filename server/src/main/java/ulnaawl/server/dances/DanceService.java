package ulnaawl.server.dances;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.dance.lineage.SectionLineage;
import ulnaawl.dance.lineage.SectionPrint;
import ulnaawl.notation.Limits;
import ulnaawl.people.PeopleNames;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/**
 * The club's dances. Every version stays, and a dance that is removed is archived. A dance with
 * mistakes can be saved: work in progress must not be lost.
 */
@Service
@RequiredArgsConstructor
public class DanceService {

  private final DanceStore store;
  private final DanceReader reader;
  private final PeopleNames names;
  private final ApplicationEventPublisher events;
  private final Today today;

  public List<DanceRow> all() {
    return store.all();
  }

  /** The dance as it is now; empty where it is archived or never was. */
  public Optional<DanceRow> find(long id) {
    return store.find(id).filter(row -> !row.archived());
  }

  /** The dance, or a problem that says it is gone. */
  public DanceRow get(long id) {
    return store
        .find(id)
        .filter(row -> !row.archived())
        .orElseThrow(() -> Problem.gone("This dance is not here; somebody may have removed it."));
  }

  /** A version of a dance, archived or not. */
  public DanceRow version(DanceVersion at) {
    return store
        .find(at.dance(), at.version())
        .orElseThrow(() -> Problem.gone("This version of the dance is not here."));
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

  @Transactional
  public DanceRow add(String stepText, Optional<String> sheet, SignedIn me) {
    DanceRow added = add(stepText, me);
    sheet.ifPresent(it -> keep(added, it));
    return added;
  }

  /** Keeps the printed sheet that a version was read from. */
  private void keep(DanceRow read, String sheet) {
    if (sheet.indexOf('\0') >= 0) {
      throw Problem.rejected("The sheet is not a text.");
    }
    store.keepSheet(read.at(), sheet);
  }

  @Transactional
  public DanceRow add(String stepText, SignedIn me) {
    ReadDance read = checked(stepText);
    String title = title(read);
    SectionKeys keys = SectionKeys.first(read.dance().sections().size());
    long id = store.add(title, stepText, keys, me.person(), today.moment());
    events.publishEvent(Change.added(Thing.DANCE, id, me.person(), title));
    return get(id);
  }

  @Transactional
  public DanceRow change(long id, int version, String stepText, SignedIn me) {
    return write(get(id), version, stepText, Action.CHANGED, me);
  }

  /** Changes a dance to what was read from a printed sheet, which is kept beside it. */
  @Transactional
  public DanceRow change(
      long id, int version, String stepText, Optional<String> sheet, SignedIn me) {
    DanceRow changed = change(id, version, stepText, me);
    sheet.ifPresent(it -> keep(changed, it));
    return changed;
  }

  /** Writes an earlier version anew; one that was archived comes back with it. */
  @Transactional
  public DanceRow bringBack(long id, int version, int to, SignedIn me) {
    DanceRow now =
        store.find(id).orElseThrow(() -> Problem.gone("This dance has never been here."));
    String stepText = version(new DanceVersion(id, to)).stepText();
    return write(now, version, stepText, Action.BROUGHT_BACK, me);
  }

  private DanceRow write(DanceRow now, int version, String stepText, Action action, SignedIn me) {
    ReadDance read = checked(stepText);
    String title = title(read);
    boolean changed =
        store.change(
            now.id(),
            version,
            title,
            stepText,
            nextKeys(now.id(), read),
            me.person(),
            today.moment());
    if (!changed) {
      throw Problem.changed(names.of(now.writtenBy()), "this dance");
    }
    events.publishEvent(Change.next(Thing.DANCE, now.id(), action, me.person(), version, title));
    return get(now.id());
  }

  private SectionKeys nextKeys(long id, ReadDance next) {
    List<SectionLineage.Version> past = new ArrayList<>();
    for (DanceRow row : store.versions(id)) {
      ReadDance read = reader.read(row.stepText());
      past.add(
          new SectionLineage.Version(row.keys(), SectionPrint.of(read.dance(), row.stepText())));
    }
    return SectionLineage.next(past, SectionPrint.of(next.dance(), next.source().text()));
  }

  @Transactional
  public void archive(long id, int version, SignedIn me) {
    DanceRow now = get(id);
    if (!store.archive(id, version)) {
      throw Problem.changed(names.of(now.writtenBy()), "this dance");
    }
    events.publishEvent(Change.archived(Thing.DANCE, id, me.person(), version, now.title()));
  }

  /** Whether there are versions of a release that knew no keys. */
  boolean someHaveNoKeys() {
    return !store.withoutKeys().isEmpty();
  }

  /** Gives the versions of an earlier release their keys; the numbers of their sections. */
  @Transactional
  void fillInKeys() {
    for (DanceRow row : store.withoutKeys()) {
      int sections = reader.read(row.stepText()).dance().sections().size();
      store.setKeys(row.at(), SectionKeys.first(sections));
    }
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
