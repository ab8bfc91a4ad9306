package ulnaawl.server.clubfile;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import ulnaawl.formats.json.Fault;
import ulnaawl.formats.json.ListFile;
import ulnaawl.formats.json.Unreadable;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.BuiltInRoles;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.ClubDays;
import ulnaawl.server.platform.ClubReplaced;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.Today;
import ulnaawl.server.storage.Release;

/** Writes the club into one file, and takes such a file into an installation without a club. */
@Service
@RequiredArgsConstructor
class ClubFiles {

  private static final Logger LOG = LoggerFactory.getLogger(ClubFiles.class);
  private static final String PEOPLE = "people";

  /** Rows that a club has when it was set up just now, by list. */
  private static final Map<String, Integer> NEW_CLUB =
      Map.of(PEOPLE, 1, "roles", BuiltInRoles.all().size());

  private static final String LOG_OF_CHANGES = "log";

  private final ClubFileStore store;
  private final ClubSchema schema;
  private final ClubDays days;
  private final ClubFileWriter writer;
  private final EarlierFile earlier;
  private final List<ReadsAll> readers;
  private final PeopleService people;
  private final Today today;
  private final ApplicationEventPublisher events;
  private final PlatformTransactionManager transactions;

  /**
   * What a file would bring.
   *
   * @param rows how many of each list, where there are some
   * @param owners who owns the club in it
   * @param earlier whether an earlier release wrote it; it is brought up to date then
   * @param faults why it cannot be taken; nothing where it can
   */
  record Look(
      String made,
      Map<String, Integer> rows,
      List<String> owners,
      boolean earlier,
      List<Fault> faults) {}

  /** A file that was read once, and what was heard. */
  private record Brought(SoundFile file, FirstReading heard, boolean earlier) {}

  /** The lists that a file has. */
  List<ClubList> lists() {
    return store.lists();
  }

  /** The whole club at one moment. */
  byte[] write() {
    TransactionTemplate moment = new TransactionTemplate(transactions);
    moment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    moment.setReadOnly(true);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    moment.executeWithoutResult(_ -> writer.write(store, today.moment().toString(), out));
    if (out.size() > ListFile.MOST_BYTES) {
      throw Problem.rejected(
          "This club is larger than a file may be ("
              + out.size() / 1024 / 1024
              + " MB); make a backup, and restore it where it is to go.");
    }
    return out.toByteArray();
  }

  /** Whether nothing is here yet but who set it up. */
  boolean isEmptyHere() {
    return store.lists().stream()
        .map(ClubList::name)
        .filter(it -> !it.equals(LOG_OF_CHANGES))
        .allMatch(it -> store.count(it) <= NEW_CLUB.getOrDefault(it, 0));
  }

  private void needEmpty() {
    if (!isEmptyHere()) {
      throw Problem.conflict(
          "This club has something already. A club's file goes into an empty installation: start"
              + " one with another folder (./ulna start --data DIR).");
    }
  }

  /** What a file would bring, without taking it. */
  Look look(byte[] file, SignedIn me) {
    Brought brought = read(file);
    List<Fault> faults = new ArrayList<>(brought.file().faults());
    if (faults.isEmpty()) {
      taken(brought, me, false).ifPresent(faults::add);
    }
    FirstReading heard = brought.heard();
    return new Look(heard.head().made(), heard.rows(), heard.owners(), brought.earlier(), faults);
  }

  /** Takes a file; whoever did it signs in again, as the file may know them by another number. */
  void take(byte[] file, SignedIn me) {
    Brought brought = read(file);
    Optional<Fault> fault =
        brought.file().faults().isEmpty()
            ? taken(brought, me, true)
            : brought.file().faults().stream().findFirst();
    if (fault.isPresent()) {
      throw Problem.rejected(fault.get().place() + ": " + fault.get().what());
    }
  }

  private Brought read(byte[] file) {
    needEmpty();
    try {
      Head head = Head.of(file);
      boolean old = EarlierFile.is(head);
      SoundFile now = old ? earlier.bring(file, head) : SoundFile.of(file);
      FirstReading heard = new FirstReading(store.lists(), schema, days, Release.schema());
      if (now.faults().isEmpty()) {
        heard.hear(now.bytes());
        now = heard.faults().isEmpty() ? now : SoundFile.not(heard.faults());
      }
      return new Brought(now, heard, old);
    } catch (Unreadable no) {
      throw Problem.rejected(String.valueOf(no.getMessage()));
    }
  }

  /** Tries to take a file. */
  private Optional<Fault> taken(Brought brought, SignedIn me, boolean forGood) {
    store.numberFrom(brought.heard().greatest());
    RowsIn rows = new RowsIn(store, people.unknownPassword());
    try {
      new TransactionTemplate(transactions)
          .executeWithoutResult(now -> {
            PeopleService.Owner owner = people.leaving(me);
            needEmpty(); // nothing that came meanwhile is cleared away
            store.clear();
            rows.insert(brought.file().bytes());
            rows.at("what is in it");
            readers.forEach(ReadsAll::readAll);
            rows.at(PEOPLE);
            PersonId arrived = people.arriving(owner);
            events.publishEvent(new ClubReplaced());
            events.publishEvent(
                Change.of(Thing.EXPORT, 0, Action.IMPORTED, arrived, "a club's file"));
            if (!forGood) {
              now.setRollbackOnly();
            }
          });
      return Optional.empty();
    } catch (RuntimeException no) {
      // Whatever its rows are, they are somebody else's; the installation is as it was.
      LOG.debug("A club's file was not taken", no);
      return Optional.of(rows.fault(no));
    }
  }
}
